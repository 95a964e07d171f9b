// What the graphics card does with every point and every face of the glass.

/** Places and normals, as the eye has them. */
export const VERTEX = `
varying vec3 vView;
varying vec3 vNormal;
void main() {
  vec4 view = modelViewMatrix * vec4(position, 1.0);
  vView = view.xyz;
  vNormal = normalMatrix * normal;
  gl_Position = projectionMatrix * view;
}`;

const FRESNEL = `
float fresnel(vec3 n, vec3 v) {
  float c = clamp(abs(dot(normalize(n), v)), 0.0, 1.0);
  return 0.041 + 0.959 * pow(1.0 - c, 5.0);
}`;

// Optical depth per colour: what the glass between a front and a back face takes, and each face's Fresnel share of all
// three. Before a bright window an edge is dark, for light is bent in from the dim room beside it: taken as a share of its own
// that grows towards the grazing sight line (how much is the theme's, by eye). The last channel counts faces in and out.
/** The length of glass along a line of sight. */
export const DEPTH = `
varying vec3 vView;
varying vec3 vNormal;
uniform float uMiddle;
uniform vec3 uSigma;
uniform float uEdge;
${FRESNEL}
void main() {
  float along = length(vView) - uMiddle;
  vec3 v = normalize(-vView);
  float f = min(fresnel(vNormal, v), 0.92);
  float grazing = 1.0 - clamp(abs(dot(normalize(vNormal), v)), 0.0, 1.0);
  vec3 taken = uSigma * (gl_FrontFacing ? -along : along) - vec3(log(1.0 - f)) + vec3(0.3 * uEdge * pow(grazing, 3.0));
  gl_FragColor = vec4(taken, gl_FrontFacing ? -1.0 : 1.0);
}`;

// What scattering colour sends back from the nearest face: lit from the room, a little from above.
/** What a part's layers scatter back. */
export const BODY = `
varying vec3 vView;
varying vec3 vNormal;
uniform vec3 uBody;
void main() {
  vec3 n = normalize(vNormal) * (gl_FrontFacing ? 1.0 : -1.0);
  float lit = 0.45 + 0.4 * max(dot(n, normalize(vec3(-0.5, 0.7, 0.6))), 0.0) + 0.15 * n.z;
  gl_FragColor = vec4(uBody * lit, 1.0);
  #include <colorspace_fragment>
}`;

/** What its skin mirrors (Schlick). */
export const SHINE = `
varying vec3 vView;
varying vec3 vNormal;
uniform vec3 uShine;
${FRESNEL}
float window(vec3 r, float at, float wide) {
  float a = atan(r.x, r.z);
  return smoothstep(wide, wide * 0.55, abs(a - at)) * smoothstep(-0.55, -0.25, r.y) * smoothstep(0.9, 0.6, r.y);
}
void main() {
  vec3 v = normalize(-vView);
  vec3 n = normalize(vNormal) * (gl_FrontFacing ? 1.0 : -1.0);
  vec3 r = reflect(-v, n);
  float lit = window(r, -0.95, 0.42) + 0.6 * window(r, 1.25, 0.25);
  float f = fresnel(n, v) * (gl_FrontFacing ? 1.0 : 0.45);
  gl_FragColor = vec4(uShine * lit * f * 2.6, 1.0);
}`;

/** Window, glass and shine together (Beer–Lambert). */
export const COMPOSE = `
varying vec2 vUv;
uniform sampler2D uGlass;
uniform vec3 uLight;
uniform vec3 uBoard;
uniform vec2 uTexel;
// Along an outline a pixel may catch a front face and miss its back: such a pixel takes its neighbours' glass.
vec3 glassAt(vec2 uv) {
  vec4 g = texture2D(uGlass, uv);
  if (abs(g.a) < 0.5) return g.rgb;
  vec4 sum = vec4(0.0);
  for (int i = -1; i <= 1; i += 1)
    for (int j = -1; j <= 1; j += 1) {
      vec4 n = texture2D(uGlass, uv + vec2(float(i), float(j)) * uTexel);
      if (abs(n.a) < 0.5) sum += vec4(n.rgb, 1.0);
    }
  return sum.a > 0.5 ? sum.rgb / sum.a : vec3(0.0);
}
void main() {
  vec2 p = (vUv - vec2(0.5, 0.56)) * vec2(1.0, 0.8);
  float glow = smoothstep(0.62, 0.0, length(p));
  vec3 back = mix(uBoard, uLight, glow);
  vec3 left = exp(-max(glassAt(vUv), vec3(0.0)));
  gl_FragColor = vec4(back * left, 1.0);
  #include <colorspace_fragment>
}`;

/** A sheet over all of it. */
export const FLAT = `
varying vec2 vUv;
void main() {
  vUv = uv;
  gl_Position = vec4(position.xy, 0.0, 1.0);
}`;
