/** label | size | paint | ml | days ago filled | where | which or with whom | days ago laid there */
export const DEMO_PANS = `
M1|half pan|H:Cobalt blue|1.5|120|master set||118
M2|half pan|H:Burnt sienna|1.5|120|master set||118
M3|half pan|H:Yellow ochre|1.4|119|lent|the warden|20
M4|half pan|G:Indian yellow|0.7|90|bag|leftovers|41
M5|half pan||0||master set||118`
