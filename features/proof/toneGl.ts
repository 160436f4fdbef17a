import { TINTS, type TintId, type Tone } from "../../core/negative/index.ts";
import type { Drawn } from "./paintDrawn.ts";

const VERTEX = `#version 300 es
in vec2 corner;
out vec2 place;
void main() {
  place = vec2(corner.x, 1.0 - corner.y);
  gl_Position = vec4(2.0 * corner - 1.0, 0.0, 1.0);
}`;

/** PHYSICS section 11, “Tone”: the same sums as \`core/negative/density/tone\`, a pixel at a time. */
const FRAGMENT = `#version 300 es
precision highp float;
precision highp sampler2D;
uniform sampler2D logs[3];
uniform vec3 low;
uniform vec3 high;
uniform vec3 gamma;
uniform vec3 tint;
in vec2 place;
out vec4 colour;
float tone(float log, float lo, float hi, float bend) {
  float x = clamp((log - lo) / (hi - lo), 0.0, 1.0);
  float lightness = x <= 0.0 ? 0.0 : 100.0 * pow(x, bend);
  float f = (lightness + 16.0) / 116.0;
  float y = lightness > 8.0 ? f * f * f : lightness * 27.0 / 24389.0;
  return y <= 0.0031308 ? 12.92 * y : 1.055 * pow(y, 1.0 / 2.4) - 0.055;
}
void main() {
  vec3 seen = vec3(texture(logs[0], place).r, texture(logs[1], place).r, texture(logs[2], place).r);
  if (seen.r < -90.0) {
    colour = vec4(0.0);
    return;
  }
  vec3 grey = vec3(
    tone(seen.r, low.r, high.r, gamma.r),
    tone(seen.g, low.g, high.g, gamma.g),
    tone(seen.b, low.b, high.b, gamma.b)
  );
  colour = vec4(clamp(grey + tint * 2.0 * grey * (1.0 - grey), 0.0, 1.0), 1.0);
}`;

/** Draws exposures as tones on a canvas by WebGL 2: a change of tone costs the main thread next to nothing. */
export interface ToneGl {
  readonly load: (drawn: Drawn) => void;
  readonly paint: (tones: readonly Tone[], tint: TintId) => void;
  readonly end: () => void;
}

/** @returns `null` where the browser has no WebGL 2, or its context is lost */
export function toneGl(canvas: HTMLCanvasElement): ToneGl | null {
  const gl = canvas.getContext("webgl2", { preserveDrawingBuffer: true, premultipliedAlpha: true, antialias: false });
  if (gl === null || gl.isContextLost()) return null;
  const program = linked(gl);
  if (program === null) return null;
  // biome-ignore lint/correctness/useHookAtTopLevel: a call of WebGL, no hook
  gl.useProgram(program);
  const corners = gl.createBuffer();
  gl.bindBuffer(gl.ARRAY_BUFFER, corners);
  gl.bufferData(gl.ARRAY_BUFFER, new Float32Array([0, 0, 1, 0, 0, 1, 1, 1]), gl.STATIC_DRAW);
  const corner = gl.getAttribLocation(program, "corner");
  gl.enableVertexAttribArray(corner);
  gl.vertexAttribPointer(corner, 2, gl.FLOAT, false, 0, 0);
  const textures = [0, 1, 2].map((unit) => plainTexture(gl, unit));
  gl.uniform1iv(gl.getUniformLocation(program, "logs"), [0, 1, 2]);
  const at = Object.fromEntries(
    ["low", "high", "gamma", "tint"].map((name) => [name, gl.getUniformLocation(program, name)]),
  );
  let planes = 1;
  return {
    load: (drawn) => {
      canvas.width = drawn.width;
      canvas.height = drawn.height;
      gl.viewport(0, 0, drawn.width, drawn.height);
      planes = drawn.planes.length;
      for (const unit of [0, 1, 2]) {
        gl.activeTexture(gl.TEXTURE0 + unit);
        gl.bindTexture(gl.TEXTURE_2D, textures[unit] ?? null);
        const data = (drawn.planes[unit] ?? drawn.planes[0]) as Float32Array;
        gl.texImage2D(gl.TEXTURE_2D, 0, gl.R32F, drawn.width, drawn.height, 0, gl.RED, gl.FLOAT, data);
      }
    },
    paint: (tones, tint) => {
      const of = (name: keyof Tone): number[] => [0, 1, 2].map((plane) => (tones[plane] ?? tones[0])?.[name] ?? 1);
      gl.uniform3fv(at.low ?? null, of("low"));
      gl.uniform3fv(at.high ?? null, of("high"));
      gl.uniform3fv(at.gamma ?? null, of("gamma"));
      gl.uniform3fv(at.tint ?? null, planes === 1 ? TINTS[tint] : [0, 0, 0]);
      gl.drawArrays(gl.TRIANGLE_STRIP, 0, 4);
    },
    end: () => gl.getExtension("WEBGL_lose_context")?.loseContext(),
  };
}

function plainTexture(gl: WebGL2RenderingContext, unit: number): WebGLTexture {
  const texture = gl.createTexture();
  gl.activeTexture(gl.TEXTURE0 + unit);
  gl.bindTexture(gl.TEXTURE_2D, texture);
  for (const side of [gl.TEXTURE_MIN_FILTER, gl.TEXTURE_MAG_FILTER]) gl.texParameteri(gl.TEXTURE_2D, side, gl.NEAREST);
  for (const way of [gl.TEXTURE_WRAP_S, gl.TEXTURE_WRAP_T]) gl.texParameteri(gl.TEXTURE_2D, way, gl.CLAMP_TO_EDGE);
  return texture;
}

function linked(gl: WebGL2RenderingContext): WebGLProgram | null {
  const program = gl.createProgram();
  for (const [kind, source] of [
    [gl.VERTEX_SHADER, VERTEX],
    [gl.FRAGMENT_SHADER, FRAGMENT],
  ] as const) {
    const shader = gl.createShader(kind);
    if (shader === null) return null;
    gl.shaderSource(shader, source);
    gl.compileShader(shader);
    gl.attachShader(program, shader);
  }
  gl.linkProgram(program);
  return gl.getProgramParameter(program, gl.LINK_STATUS) ? program : null;
}
