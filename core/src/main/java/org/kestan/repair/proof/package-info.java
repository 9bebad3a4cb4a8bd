/**
 * The result of the work compared with its prediction: each reading, and what explains a miss as far as anything does.
 */
package org.kestan.repair.proof;
