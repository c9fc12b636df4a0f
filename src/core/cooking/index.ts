export { bandOf, SHAPES, shapesOf, WAY_PRACTICE, WAYS, type Shape, type Way, type WayPractice } from './way';
export { cookRounds, USUAL_ROOM, type CookRounds, type Heat, type Room } from './cookRounds';
