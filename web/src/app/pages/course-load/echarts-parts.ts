import { BarChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([AriaComponent, BarChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer]);

/** Of the charting library only what bars a week need; it is fetched when they are shown. */
export { init } from 'echarts/core';
