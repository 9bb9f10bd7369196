// Reads FOLD files with the format's reference library and measures every frame.
// Prints one line a file: faces, edges, frames, the largest change of an edge's length, and the
// largest difference in degrees between an edge's fold angle and that of the faces beside it.
const fs = require('fs');
const FOLD = require('fold');

const minus = (a, b) => FOLD.geom.sub(a, b);
const cross = (a, b) => FOLD.geom.cross(a, b);
const dot = (a, b) => FOLD.geom.dot(a, b);
const unit = (a) => FOLD.geom.unit(a);

/** The normal of a face whose corners lie in a plane, after Newell. */
function normal(coords, face) {
  let sum = [0, 0, 0];
  for (let i = 0; i < face.length; i++) {
    const a = coords[face[i]];
    const b = coords[face[(i + 1) % face.length]];
    sum = FOLD.geom.plus(sum, cross(minus(a, coords[face[0]]), minus(b, coords[face[0]])));
  }
  return unit(sum);
}

/** Where a face has two vertices one after the other in this order. */
const runs = (face, a, b) => face.some((v, i) => v === a && face[(i + 1) % face.length] === b);

function angle(coords, faces, a, b) {
  const on = faces.find((face) => runs(face, a, b));
  const beyond = faces.find((face) => runs(face, b, a));
  if (!on || !beyond) return null;
  const one = normal(coords, on);
  const other = normal(coords, beyond);
  const along = unit(minus(coords[b], coords[a]));
  return (Math.atan2(-dot(cross(one, other), along), dot(one, other)) * 180) / Math.PI;
}

for (const file of process.argv.slice(2)) {
  const fold = JSON.parse(fs.readFileSync(file, 'utf8'));
  const edges = fold.edges_vertices;
  const faces = fold.faces_vertices;
  FOLD.convert.edges_vertices_to_vertices_vertices_unsorted(fold);
  FOLD.convert.faces_vertices_to_faces_edges(fold);
  const orphan = fold.faces_edges.flat().filter((edge) => edge === undefined || edge === null);
  if (orphan.length > 0) throw new Error('a face has a side that is no edge');
  const length = (coords, edge) => FOLD.geom.dist(coords[edge[0]], coords[edge[1]]);
  let worst = 0;
  let askew = 0;
  for (const frame of fold.file_frames) {
    if (frame.edges_foldAngle.length !== edges.length) throw new Error('angles are missing');
    edges.forEach((edge, i) => {
      const before = length(fold.vertices_coords, edge);
      worst = Math.max(worst, Math.abs(length(frame.vertices_coords, edge) - before));
      const seen = angle(frame.vertices_coords, faces, edge[0], edge[1]);
      // Along a slit two faces end that turn as they like.
      const cut = fold.edges_assignment[i] === 'C';
      if (seen !== null && before > 0.5 && !cut) {
        let off = Math.abs(seen - frame.edges_foldAngle[i]) % 360;
        off = Math.min(off, 360 - off);
        askew = Math.max(askew, off);
      }
    });
    for (const [f, g, s] of frame.faceOrders || []) {
      if (f === g || Math.abs(s) !== 1 || !faces[f] || !faces[g]) {
        throw new Error('a face order names no two faces');
      }
    }
  }
  edges.forEach((edge, i) => {
    const sign = { V: 1, M: -1 }[fold.edges_assignment[i]] || 0;
    if (sign * fold.edges_foldAngle[i] < 0) throw new Error('an angle has the wrong sign');
    if (sign === 0 && fold.edges_foldAngle[i] !== 0) throw new Error('a flat edge has an angle');
  });
  console.log([faces.length, edges.length, fold.file_frames.length, worst, askew].join(' '));
}
