/** The work held against what was predicted of it: what each reading came to, and what explains a miss as far as anything does. */
package org.kestan.repair.proof;
