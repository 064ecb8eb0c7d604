import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';

/** The four ways to practise, each drawn by what is done there. */
@Component({
  selector: 'yg-practice-doors',
  imports: [RouterLink],
  template: `
    <a routerLink="/practice/fill">
      <svg viewBox="0 0 120 84" aria-hidden="true" focusable="false">
        <path class="fill" d="M30 40Q58 6 86 40L80 74H36Z" />
        <path d="M28 40L36 76H80L88 40ZM88 46C112 42 110 70 84 68M14 30L104 22" />
      </svg>
      <b>Fill and weigh</b>
      <span>A cup, a target, your hand</span>
    </a>
    <a routerLink="/practice/jug">
      <svg viewBox="0 0 120 84" aria-hidden="true" focusable="false">
        <path class="water" d="M56 46Q76 50 96 46V76H56Z" />
        <path d="M50 12L56 18V76H96V14M96 24H110V52H96M56 34H64M56 46H70M56 58H64" />
        <path d="M8 46Q20 34 32 46Q20 58 8 46ZM20 46H20.2M36 46H50" />
      </svg>
      <b>Read the jug</b>
      <span>Your eye, the line, the curve</span>
    </a>
    <a routerLink="/practice/which">
      <svg viewBox="0 0 120 84" aria-hidden="true" focusable="false">
        <path class="fill" d="M14 50H48L44 74H18ZM72 40H106L102 74H76Z" />
        <path d="M14 44L18 74H44L48 44ZM72 34L76 74H102L106 34Z" />
        <path d="M54 22Q54 12 61 12Q69 12 69 20Q69 26 61 30V36M61 44H61.2" />
      </svg>
      <b>Say which</b>
      <span>Which is heavier, which cup, whose spoon</span>
    </a>
    <a routerLink="/practice/classes">
      <svg viewBox="0 0 120 84" aria-hidden="true" focusable="false">
        <path class="fill" d="M12 56H36L33 74H15ZM48 56H72L69 74H51ZM84 56H108L105 74H87Z" />
        <path d="M12 50L15 74H33L36 50ZM48 50L51 74H69L72 50ZM84 50L87 74H105L108 50Z" />
        <path d="M20 10H100V38H20ZM32 24H60M70 24H88" />
      </svg>
      <b>Class</b>
      <span>Teach, and see how near everyone is</span>
    </a>
  `,
  styleUrl: './doors.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Doors {}
