/** Formulas of pattern files: parsed by EvalEx, checked for units, evaluated exactly. */
package cufflink.core.expression;
