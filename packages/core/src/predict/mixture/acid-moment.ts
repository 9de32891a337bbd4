/** What acid, heat and protein met at one moment. */
export interface AcidMoment {
  readonly pH: number;
  /** °C, min there, °C/min on the way. */
  readonly temperatureC: number;
  readonly minutes: number;
  readonly rateCPerMin: number;
  /** 0..1: how long acid and heat were together, against what coagulation takes. */
  readonly contact: number;
}
