package mellow.server.job;

import mellow.server.vehicle.VehicleView;

/** A job with its vehicle, without readings and what is computed from them. */
public record JobBrief(JobView job, VehicleView vehicle) {}
