// Reads FOLD files with the format's reference library and measures every frame.
// Prints one line a file: faces, edges, frames and the largest change of an edge's length.
const fs = require('fs');
const FOLD = require('fold');

for (const file of process.argv.slice(2)) {
  const fold = JSON.parse(fs.readFileSync(file, 'utf8'));
  const edges = fold.edges_vertices;
  FOLD.convert.edges_vertices_to_vertices_vertices_unsorted(fold);
  FOLD.convert.faces_vertices_to_faces_edges(fold);
  const orphan = fold.faces_edges.flat().filter((edge) => edge === undefined || edge === null);
  if (orphan.length > 0) throw new Error('a face has a side that is no edge');
  const length = (coords, edge) => FOLD.geom.dist(coords[edge[0]], coords[edge[1]]);
  let worst = 0;
  for (const frame of fold.file_frames) {
    for (const edge of edges) {
      worst = Math.max(
        worst, Math.abs(length(frame.vertices_coords, edge) - length(fold.vertices_coords, edge)));
    }
    for (const [f, g, s] of frame.faceOrders || []) {
      if (f === g || Math.abs(s) !== 1 || !fold.faces_vertices[f] || !fold.faces_vertices[g]) {
        throw new Error('a face order names no two faces');
      }
    }
  }
  for (let i = 0; i < edges.length; i++) {
    const sign = { V: 1, M: -1 }[fold.edges_assignment[i]] || 0;
    if (sign * fold.edges_foldAngle[i] < 0) throw new Error('an angle has the wrong sign');
  }
  console.log([fold.faces_vertices.length, edges.length, fold.file_frames.length, worst].join(' '));
}
