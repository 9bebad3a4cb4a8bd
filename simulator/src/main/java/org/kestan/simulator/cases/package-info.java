/** Cases to practice on, made from seeds. */
package org.kestan.simulator.cases;
