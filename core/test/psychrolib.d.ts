/* Types of the functions that the tests call: the package ships none. */
declare module 'psychrolib' {
  interface Psychrometrics {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    GetSatVapPres(celsius: number): number;
    GetHumRatioFromRelHum(celsius: number, humidity: number, pressurePa: number): number;
    GetVaporPressureDeficit(celsius: number, humidityRatio: number, pressurePa: number): number;
  }
  const psychrolib: Psychrometrics;
  export = psychrolib;
}
