package org.goldentally.core.cutting.yardage;

/** A strip with how many of each size it gives. */
record CountedStrip(Strip strip, int[] counts) {}
