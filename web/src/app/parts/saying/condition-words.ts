/** The conditions of a series in words, as far as they are not the usual ones. @param series as `seriesKey` writes it */
export function conditionWords(series: string): string {
  const [method = '', support = '', surface = '', footwear = '', knee = '', work = '', zone = ''] = series.split('|');
  return [
    zone,
    method,
    support === '0' ? '' : `${support} ${support === '1' ? 'fingertip' : 'fingertips'}`,
    surface === 'floor' ? '' : `on a ${surface}`,
    footwear === 'bare' ? '' : `in ${footwear}`,
    knee === 'as-asked' ? '' : `knee ${knee}`,
    work === 'after' ? 'after the work' : '',
  ]
    .filter((words) => words !== '')
    .join(', ');
}
