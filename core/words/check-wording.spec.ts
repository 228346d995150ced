import { checkWording } from './check-wording';

const codes = (text: string) => checkWording(text).map((n) => `${n.code}: ${n.found}`);

describe('reading a teacher’s own cues', () => {
  it('asks which way is meant when a foot rolls or turns in or out (practice: studios use both)', () => {
    expect(codes('Do not roll in.')).toEqual(['muddled: roll in']);
    expect(codes('Let the foot roll outwards.')).toEqual(['muddled: roll outwards']);
    expect(codes('Turn the foot out.')).toEqual(['muddled: Turn the foot out']);
    expect(codes('Roll in and stay.')).toEqual(['muddled: Roll in']);
    expect(codes('Heels in!')).toEqual(['muddled: Heels in']);
  });

  it('is quiet when the sentence says what turns, or which edge carries', () => {
    expect(codes('Roll in: weight to the inner edge.')).toEqual([]);
    expect(codes('Turn the legs out from the hips.')).toEqual([]);
    expect(codes('Turn the sole out, away from the middle.')).toEqual([]);
    expect(codes('The heel drifts in.')).toEqual([]);
    expect(codes('Roll the ball in front of you.')).toEqual([]);
  });

  it('names words that mean two things', () => {
    expect(codes('Point, flex.')).toEqual(['two-meanings: flex']);
    expect(codes('Press the ball down.')).toEqual(['two-meanings: Press the ball']);
    expect(codes('Press the ball of the foot down.')).toEqual([]);
    expect(codes('Do not pronate.')).toEqual(['two-meanings: pronate']);
  });

  it('objects to promises: four weeks of practice moved a group’s arch by less than one person’s measuring error', () => {
    // Mulligan & Cook 2013, Man Ther 18:425 (from memory): about 1.8 mm on average
    expect(codes('This raises your arch and cures heel pain.')).toEqual(['claim: raises your arch', 'claim: cures']);
  });

  it('objects to pain as a goal, and not to pain as the place to stop', () => {
    expect(codes('Push through the pain.')).toEqual(['pain: Push through the pain']);
    expect(codes('Hold until it really hurts.')).toEqual(['pain: until it really hurts']);
    expect(codes('No pain, no gain!')).toEqual(['pain: No pain, no gain']);
    expect(codes('Stop where it hurts. Push through the big toe. No pain in the heel.')).toEqual([]);
  });

  it('counts words in a sentence and finds a word said twice', () => {
    const long = `${Array.from({ length: 25 }, (_, i) => `word${i}`).join(' ')}. Short.`;
    expect(checkWording(long).map((n) => n.code)).toEqual(['long']);
    expect(codes('Lift the the toes.')).toEqual(['doubled: the the']);
  });

  it('says where it stands, why, and what could be said instead', () => {
    const [note] = checkWording('Now roll in slowly.');
    expect(note && 'Now roll in slowly.'.slice(note.start, note.end)).toBe('roll in');
    expect(note?.instead).toContain('weight to the inner edge');
    expect(note?.why).toContain('turned out at the ankle');
  });
});
