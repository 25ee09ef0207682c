/** Devices at the bench: SenML in, and the simulated probe that speaks it like a real one. */
package palintone.server.device;
