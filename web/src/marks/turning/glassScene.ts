// Glass as light passes through it: the length of glass along every line of sight dims and tints the window behind
// (Beer–Lambert), every surface takes its share by Fresnel's equations (Schlick's approximation, 1994), and two soft
// windows are mirrored in the skin. No refraction is traced: what reads is thickness.
import {
  AddEquation,
  BufferAttribute,
  BufferGeometry,
  Color,
  CustomBlending,
  DoubleSide,
  EqualDepth,
  FloatType,
  Group,
  HalfFloatType,
  LineBasicMaterial,
  LineLoop,
  Mesh,
  NearestFilter,
  OneFactor,
  OrthographicCamera,
  PerspectiveCamera,
  PlaneGeometry,
  Scene,
  ShaderMaterial,
  Vector2,
  Vector3,
  WebGLRenderer,
  WebGLRenderTarget,
} from 'three';
import type { LightBulk } from '@zanfirico/core/fit';
import type { ScreenShell } from '../../workers/meshWork';
import { BODY, COMPOSE, DEPTH, FLAT, SHINE, VERTEX } from './shaders';
import { CLEAR_SIGMA } from './tint';

/** Less light scattered back than this is not drawn. */
const LEAST_BODY = 0.004;

/** Colours of the theme. */
export interface Look {
  readonly board: string;
  readonly light: string;
  readonly shine: string;
  readonly ink: string;
  /** How dark an edge is before the window, against ordinary. */
  readonly edge: number;
  /** How much light falls on it from the room, against full: what scattering colour sends back. */
  readonly front: number;
}

/** The room the piece takes, m. */
export interface Room {
  readonly lowest: number;
  readonly height: number;
  readonly widest: number;
}

/** The glass turning, as it is drawn. */
export interface GlassScene {
  /** Drawn by software: ask for coarse shells, and seldom. */
  readonly slow: boolean;
  readonly setShells: (shells: readonly ScreenShell[], room: Room) => void;
  /** How each shell is coloured, in the order of the shells; shells past the end are clear. */
  readonly setTints: (tints: readonly LightBulk[]) => void;
  /** Closed lines on the glass, x y z by threes, m. */
  readonly setFigure: (lines: readonly Float32Array[]) => void;
  readonly setLook: (look: Look) => void;
  readonly setSize: (width: number, height: number) => void;
  /** Turns it: about its axis and towards the eye, rad. */
  readonly turnTo: (around: number, tilt: number) => void;
  readonly dispose: () => void;
}

const FIELD = 24;
/** Pixels drawn for one of the page's, each way: so many smooth an edge whatever draws it. */
const SMOOTH = 2;
/** Without graphics hardware so many while it turns, and the smooth picture once it has stood so long, ms. */
const MOVING = 1;
const RESTS_AFTER = 160;
/** Kept free below it for the scale of depths, page's pixels. */
const BELOW = 44;

/** No graphics hardware behind it: drawn coarser, so that the page stays at hand. */
function drawnBySoftware(renderer: WebGLRenderer): boolean {
  const gl = renderer.getContext();
  const info = gl.getExtension('WEBGL_debug_renderer_info');
  const name: unknown = info ? gl.getParameter(info.UNMASKED_RENDERER_WEBGL) : '';
  return /swiftshader|llvmpipe|software/i.test(String(name));
}

/** Puts the scene on a canvas; throws where the browser has no WebGL 2. */
export function glassScene(canvas: HTMLCanvasElement): GlassScene {
  const renderer = new WebGLRenderer({ canvas, antialias: false, powerPreference: 'low-power' });
  renderer.autoClear = false;
  const slow = drawnBySoftware(renderer);
  const fine = renderer.extensions.has('EXT_float_blend');
  const target = new WebGLRenderTarget(4, 4, {
    type: fine ? FloatType : HalfFloatType,
    minFilter: NearestFilter,
    magFilter: NearestFilter,
    depthBuffer: false,
  });
  const camera = new PerspectiveCamera(FIELD, 1, 0.01, 20);
  const glass = new Scene();
  const spin = new Group();
  // The core's z is up; three's y is.
  const upright = new Group();
  upright.rotation.x = -Math.PI / 2;
  spin.add(upright);
  glass.add(spin);
  const adding = {
    side: DoubleSide,
    depthTest: false,
    depthWrite: false,
    transparent: true,
    blending: CustomBlending,
    blendEquation: AddEquation,
    blendSrc: OneFactor,
    blendDst: OneFactor,
  };
  const depth = new ShaderMaterial({
    ...adding,
    vertexShader: VERTEX,
    fragmentShader: DEPTH,
    uniforms: { uMiddle: { value: 1 }, uSigma: { value: new Vector3() }, uEdge: { value: 1 } },
  });
  const uSigma = depth.uniforms['uSigma'] as { value: Vector3 };
  // The nearest scattering face only: a pass that writes its depth, then one that adds its light there.
  const nearest = new ShaderMaterial({
    vertexShader: VERTEX,
    fragmentShader: 'void main() { gl_FragColor = vec4(0.0); }',
    side: DoubleSide,
    colorWrite: false,
  });
  const body = new ShaderMaterial({
    ...adding,
    depthTest: true,
    depthFunc: EqualDepth,
    vertexShader: VERTEX,
    fragmentShader: BODY,
    uniforms: { uBody: { value: new Color() } },
  });
  const uBody = body.uniforms['uBody'] as { value: Color };
  const shine = new ShaderMaterial({
    ...adding,
    vertexShader: VERTEX,
    fragmentShader: SHINE,
    uniforms: { uShine: { value: new Color('#ffffff') } },
  });
  const compose = new ShaderMaterial({
    vertexShader: FLAT,
    fragmentShader: COMPOSE,
    depthTest: false,
    depthWrite: false,
    uniforms: {
      uGlass: { value: target.texture },
      uLight: { value: new Color() },
      uBoard: { value: new Color() },
      uTexel: { value: new Vector2() },
    },
  });
  const flat = new Scene();
  const sheet = new Mesh(new PlaneGeometry(2, 2), compose);
  sheet.frustumCulled = false;
  flat.add(sheet);
  const straight = new OrthographicCamera(-1, 1, 1, -1, 0, 1);
  const ink = new LineBasicMaterial({ depthTest: false, transparent: true, opacity: 0.85 });
  const inked = new Scene();
  const inkSpin = new Group();
  const inkUpright = new Group();
  inkUpright.rotation.x = -Math.PI / 2;
  inkSpin.add(inkUpright);
  inked.add(inkSpin);

  let tints: readonly LightBulk[] = [];
  const scatters = (tint: LightBulk | undefined): boolean =>
    tint !== undefined && Math.max(...tint.body) > LEAST_BODY;

  let room: Room = { lowest: 0, height: 0.1, widest: 0.05 };
  let asked = 0;
  let resting: ReturnType<typeof setTimeout> | undefined;
  let page = { width: 0, height: 0 };
  let front = 1;

  /** Gives the picture so many pixels for each of the page's. */
  const drawAt = (ratio: number): void => {
    renderer.setPixelRatio(ratio);
    renderer.setSize(page.width, page.height, false);
    const size = renderer.getDrawingBufferSize(new Vector2());
    if (target.width === size.x && target.height === size.y) return;
    target.setSize(size.x, size.y);
    (compose.uniforms['uTexel'] as { value: Vector2 }).value.set(1 / size.x, 1 / size.y);
  };
  const render = (): void => {
    asked = 0;
    const size = renderer.getDrawingBufferSize(new Vector2());
    if (size.x < 2 || size.y < 2) return;
    const middle = room.lowest + room.height / 2;
    upright.position.y = inkUpright.position.y = -middle;
    const tilt = spin.rotation.x;
    const high = Math.hypot(room.height / 2, room.widest * Math.sin(Math.abs(tilt)));
    const half = Math.tan(((FIELD / 2) * Math.PI) / 180);
    const clear = 1 - BELOW / Math.max(2 * BELOW, page.height);
    const away =
      1.12 * Math.max(high / half / clear, room.widest / half / camera.aspect) + room.widest;
    camera.position.set(0, 0, away);
    camera.near = Math.max(0.01, away - 2 * Math.hypot(room.height, room.widest));
    camera.setViewOffset(page.width, page.height, 0, BELOW / 2, page.width, page.height);
    (depth.uniforms['uMiddle'] as { value: number }).value = away;
    const draw = (material: ShaderMaterial): void => {
      glass.overrideMaterial = material;
      renderer.render(glass, camera);
    };
    renderer.setRenderTarget(target);
    renderer.setClearColor(0x000000, 0);
    renderer.clear();
    draw(depth);
    renderer.setRenderTarget(null);
    renderer.clear();
    renderer.render(flat, straight);
    if (tints.some(scatters)) {
      upright.children.forEach((mesh, i) => {
        mesh.visible = scatters(tints[i]);
      });
      draw(nearest);
      draw(body);
      for (const mesh of upright.children) mesh.visible = true;
    }
    draw(shine);
    renderer.render(inked, camera);
  };
  const smooth = (): void => {
    drawAt(SMOOTH);
    render();
  };
  const ask = (): void => {
    if (!slow) {
      if (asked === 0) asked = requestAnimationFrame(smooth);
      return;
    }
    clearTimeout(resting);
    resting = setTimeout(smooth, RESTS_AFTER);
    if (asked !== 0) return;
    asked = requestAnimationFrame(() => {
      drawAt(MOVING);
      render();
    });
  };
  const empty = (group: Group): void => {
    for (const child of [...group.children]) {
      group.remove(child);
      if (child instanceof Mesh || child instanceof LineLoop)
        (child as { geometry: BufferGeometry }).geometry.dispose();
    }
  };

  return {
    slow,
    setShells: (shells, wanted) => {
      room = wanted;
      empty(upright);
      shells.forEach((s, i) => {
        const geometry = new BufferGeometry();
        geometry.setAttribute('position', new BufferAttribute(s.positions, 3));
        geometry.setAttribute('normal', new BufferAttribute(s.normals, 3));
        geometry.setIndex(new BufferAttribute(s.triangles, 1));
        const mesh = new Mesh(geometry, depth);
        mesh.frustumCulled = false;
        mesh.onBeforeRender = (_r, _s, _c, _g, material) => {
          const tint = tints[i];
          const [r, g, b] = tint?.absorb ?? [0, 0, 0];
          uSigma.value.set(CLEAR_SIGMA[0] + r, CLEAR_SIGMA[1] + g, CLEAR_SIGMA[2] + b);
          if (tint) uBody.value.setRGB(...tint.body).multiplyScalar(front);
          if (material instanceof ShaderMaterial) material.uniformsNeedUpdate = true;
        };
        upright.add(mesh);
      });
      ask();
    },
    setTints: (next) => {
      tints = next;
      ask();
    },
    setFigure: (lines) => {
      empty(inkUpright);
      for (const line of lines) {
        const geometry = new BufferGeometry();
        geometry.setAttribute('position', new BufferAttribute(line, 3));
        const loop = new LineLoop(geometry, ink);
        loop.frustumCulled = false;
        inkUpright.add(loop);
      }
      ask();
    },
    setLook: (look) => {
      (compose.uniforms['uLight'] as { value: Color }).value.set(look.light);
      (compose.uniforms['uBoard'] as { value: Color }).value.set(look.board);
      (shine.uniforms['uShine'] as { value: Color }).value.set(look.shine);
      (depth.uniforms['uEdge'] as { value: number }).value = look.edge;
      front = look.front;
      ink.color.set(look.ink);
      ask();
    },
    setSize: (width, height) => {
      page = { width, height };
      camera.aspect = width / Math.max(1, height);
      ask();
    },
    turnTo: (around, tilt) => {
      for (const [turned, lean] of [
        [upright, spin],
        [inkUpright, inkSpin],
      ] as const) {
        turned.rotation.set(-Math.PI / 2, 0, around);
        lean.rotation.x = tilt;
      }
      ask();
    },
    dispose: () => {
      if (asked !== 0) cancelAnimationFrame(asked);
      clearTimeout(resting);
      empty(upright);
      empty(inkUpright);
      target.dispose();
      for (const m of [depth, nearest, body, shine, compose, ink]) m.dispose();
      sheet.geometry.dispose();
      renderer.dispose();
    },
  };
}
