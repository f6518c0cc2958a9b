export { delayOf, budgetOf, distanceOf, metresOf } from './distance';
export { partOf, pyramidOf, type Point, type Pyramid } from './pyramid';
export { snapToEdge, type Snapped } from './snap';
export { distanceSum, velocitySum } from './sum-text';
