import type { Vehicle, VehicleEdit } from '../api/client';

/** The lengths of a vehicle that are typed on its drawings. */
export type VehicleLength =
  'wheelbaseMm' | 'lampAheadMm' | 'widthMm' | 'heightMm' | 'frontOverhangMm' | 'rearOverhangMm';

/** A vehicle as it would be sent to be changed. */
export function vehicleEdit(vehicle: Vehicle): VehicleEdit {
  return {
    version: vehicle.version,
    name: vehicle.name,
    nickname: vehicle.nickname,
    variant: vehicle.variant,
    modelYear: vehicle.modelYear,
    body: vehicle.body,
    vehicleClass: vehicle.vehicleClass,
    heightMm: vehicle.heightMm,
    frontOverhangMm: vehicle.frontOverhangMm,
    rearOverhangMm: vehicle.rearOverhangMm,
    driverSide: vehicle.driverSide,
    wheelbaseMm: vehicle.wheelbaseMm,
    lampAheadMm: vehicle.lampAheadMm,
    widthMm: vehicle.widthMm,
    dipped: vehicle.dipped,
    lensDipped: vehicle.lensDipped,
    fog: vehicle.fog,
    lensFog: vehicle.lensFog,
    drivingAimed: vehicle.drivingAimed,
    steeperByMaker: vehicle.steeperByMaker,
  };
}
