export async function loadDemo() { return 'none yet'; }
