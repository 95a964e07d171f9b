// What goes to the mesh worker and what comes back.
import type { BitInput, Line } from '@zanfirico/core';

/** What the worker needs of a piece. */
export interface Body {
  readonly parts: readonly { readonly name: string; readonly outline: Line }[];
  readonly bits: readonly Pick<BitInput, 'name' | 'shape' | 'place'>[];
}

/** A shell ready for the screen: corners and normals by threes, and triangles. */
export interface ScreenShell {
  readonly positions: Float32Array<ArrayBuffer>;
  readonly normals: Float32Array<ArrayBuffer>;
  readonly triangles: Uint32Array<ArrayBuffer>;
}

/** What is asked. */
export type Request =
  | { readonly kind: 'screen'; readonly body: Body; readonly coarse: boolean }
  | { readonly kind: 'file'; readonly body: Body; readonly format: 'glb' | 'stl' };

/** What comes back. */
export type Answer =
  | { readonly kind: 'screen'; readonly shells: readonly ScreenShell[] }
  | {
      readonly kind: 'file';
      readonly bytes: Uint8Array<ArrayBuffer>;
      readonly milliseconds: number;
    }
  | { readonly kind: 'failed'; readonly message: string };
