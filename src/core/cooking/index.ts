export { WAY_PRACTICE, WAYS, type Way, type WayPractice } from './way';
export { cookRounds, USUAL_ROOM, type CookRounds, type Room } from './cookRounds';
