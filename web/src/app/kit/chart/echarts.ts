import { CustomChart, LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import '../trust/default-policy';

// Only what is drawn with: the whole library is three times as heavy.
use([
  CanvasRenderer,
  CustomChart,
  GridComponent,
  LegendComponent,
  LineChart,
  MarkLineComponent,
  ScatterChart,
]);

export * from 'echarts/core';
