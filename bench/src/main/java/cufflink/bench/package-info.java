/** Measures speed: JMH benchmarks of the core, and the window from start to first picture. */
package cufflink.bench;
