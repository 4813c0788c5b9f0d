// The lane behind the kilns: left of x = 0 in the shade of the store, right of it in sun. The delivery tricycle crosses it.
// Declare=Show=0 renders the lane, 1 and 2 the tricycle in the middle of it in sun and in shade, 3 and 4 the same without it,
// 5 the tricycle's outline: from these the moving plates are cut.
#version 3.7;
#ifndef (Show) #declare Show = 0; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else #if (Show = 5) 1 #else 6 #end #end #include "kilnyard.inc" #ifndef (Fog) #if (Show < 5) Radiosity(100, 0.5) #end #end }
#include "tricycle.inc"
camera { perspective location <0, 1.35, -8.0> right x*1.5 up y look_at <0, 1.15, 0> angle 54.43 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #end
#if (Show = 5)
  // A haze that reaches only the emptiness behind: black where the tricycle is, white where it is not.
  fog { distance 1e4 color rgb 1 }
  object { Tricycle translate <-0.4,0,0> }
#else
  #ifndef (Fog)
  light_source { <30, 36, -42> color rgb <1,0.94,0.82>*4.8 area_light <0.5,0,0>,<0,0.5,0>,4,4 adaptive 1 jitter circular orient }
  sky_sphere { pigment { gradient y color_map { [0 rgb <0.85,0.9,1>*1.05] [0.4 rgb <0.5,0.66,0.92>*0.9] [1 rgb <0.28,0.44,0.8>*0.75] } } }
  #end
  plane { y, 0 texture { Cobbles scale 0.9 } }
  // The wall along the lane, with two doors and a drainpipe.
  difference {
    box { <-16, 0, 2.6>, <16, 4.6, 3.2> }
    box { <-3.9, -0.1, 2>, <-2.5, 2.2, 4> } cylinder { <-3.2, 2.2, 2>, <-3.2, 2.2, 4>, 0.7 }
    box { <2.6, -0.1, 2>, <4.2, 2.3, 4> }
    box { <-0.7, 1.2, 2>, <0.7, 2.5, 4> }
    texture { Brick }
  }
  box { <-3.9, 0, 2.95>, <-2.5, 3.0, 3.0> Painted(<0.10,0.20,0.18>) }
  box { <2.6, 0, 2.95>, <4.2, 2.4, 3.0> texture { Wood rotate x*90 } }
  box { <-0.7, 1.2, 2.98>, <0.7, 2.5, 3.02> Painted(<0.05,0.06,0.075>) }
  #for (I, -1, 1) box { <I*0.45-0.02,1.2,2.93>, <I*0.45+0.02,2.5,2.97> Painted(<0.7,0.68,0.62>) } #end
  box { <-0.85, 1.08, 2.5>, <0.85, 1.2, 2.7> texture { Stone } }
  box { <-16, 4.6, 2.5>, <16, 4.75, 3.3> texture { Stone } }
  cylinder { <1.75, 0, 2.52>, <1.75, 4.6, 2.52>, 0.05 texture { Iron } }
  // The store behind the camera whose shade ends at x = 0 where the tricycle rides.
  #if (Show = 0) #declare Corner = 6.79; #else #if (mod(Show,2) = 1) #declare Corner = -40; #else #declare Corner = 40; #end #end
  box { <-60, 0, -22>, <Corner, 16, -9.5> texture { Lime } }
  // Stacked tiles and pots along the wall.
  #declare Rr = seed(4);
  #for (I, 0, 26) box { <-0.15,0,-0.1>, <0.15,0.04,0.1> rotate y*(rand(Rr)*8-4) translate <-1.55+0.34*mod(I,3), 0.042*floor(I/3), 2.2> texture { Clay } } #end
  #for (I, 0, 2) lathe { cubic_spline 8, <0,0>, <0.14,0>, <0.24,0.2>, <0.22,0.38>, <0.16,0.46>, <0.2,0.52>, <0.16,0.52>, <0.14,0.46> translate <5.0+I*0.55,0,2.1> texture { Clay translate I } } #end
  #if (Show = 1 | Show = 2) object { Tricycle translate <-0.4,0,0> } #end
#end
