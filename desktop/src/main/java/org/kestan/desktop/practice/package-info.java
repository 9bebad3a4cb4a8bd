/** Practice in the window: the open case, stored beside its ledger, and the tools and work under the stations. */
package org.kestan.desktop.practice;
