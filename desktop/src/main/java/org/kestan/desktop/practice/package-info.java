/** Practice in the window: the case at hand, kept beside its ledger, and the tools and work under the stations. */
package org.kestan.desktop.practice;
