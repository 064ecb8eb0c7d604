/**
 * Names that mean different ingredients to different authors, with weights that differ. The
 * first is what is assumed; all are offered. A baker's answer can overrule it.
 */
export const AMBIGUOUS_NAMES: Readonly<Record<string, readonly [string, ...string[]]>> = {
  'kosher salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'coarse salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'coarse sea salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flaky salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flaky sea salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flake salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'sea salt flakes': ['salt-coarse-light', 'salt-coarse-dense'],
  'salt flakes': ['salt-coarse-light', 'salt-coarse-dense'],
  'sea salt': ['salt-table', 'salt-coarse-dense', 'salt-coarse-light'],
  'corn flour': ['flour-corn-whole', 'starch-corn'],
  yeast: ['yeast-active-dry', 'yeast-instant', 'yeast-fresh'],
  cream: ['cream-heavy', 'cream-light'],
  cornmeal: ['cornmeal-degermed', 'cornmeal-whole'],
};
