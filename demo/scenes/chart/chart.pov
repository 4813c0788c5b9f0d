// The chart: evenly lit patches one stop apart, colours, level lines, a star of spokes and slanted edges on a board four
// metres away; below the board, bright points at known distances before black. Every luminance here is exact: a plate value
// of 0.18 is mid-grey.
#version 3.7;
#include "functions.inc"
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end }
camera { perspective location <0,0,0> right x*1.5 up y look_at <0,0,1> angle 39.5978 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #end
#macro Plain(C) texture { pigment { rgb C } finish { ambient 0 diffuse 0 #ifndef (Fog) emission 1 #end } } #end
#declare D = 4;
#macro Card(X1, Y1, X2, Y2, Z) box { <X1,Y1,D-Z>, <X2,Y2,D-Z+0.0005> #end
// The board
box { <-1.6,-0.42,D>, <1.6,1.2,D+0.02> Plain(0.18) }
// Greys, a stop apart, from -5 to +3
#for (I, -5, 3) Card(-1.26+(I+5)*0.28, 0.60, -1.02+(I+5)*0.28, 0.86, 0.001) Plain(0.18*pow(2,I)) } #end
// Colours at mid-grey luminance or near it
#declare Hues = array[9] { <0.52,0.10,0.06>, <0.42,0.19,0.04>, <0.36,0.28,0.03>, <0.10,0.30,0.06>, <0.03,0.24,0.24>, <0.05,0.15,0.42>, <0.15,0.09,0.32>, <0.42,0.22,0.15>, <0.08,0.055,0.045> }
#for (I, 0, 8) Card(-1.26+I*0.28, 0.40, -1.02+I*0.28, 0.54, 0.001) Plain(Hues[I]) } #end
// Level and upright lines
#for (I, -6, 6) Card(-1.4, 0.315+0, 1.4, 0.319, 0.001) Plain(0.01) } Card(I*0.22-0.0015, 0.28, I*0.22+0.0015, 0.36, 0.001) Plain(0.01) } #end
Card(-1.4, -0.345, 1.4, -0.341, 0.001) Plain(0.01) }
// A star of 36 spokes
box { <-0.29,-0.29,D-0.002>, <0.29,0.29,D-0.0015> translate <0,-0.02,0>
  texture { pigment { rgb 0 } finish { ambient 0 diffuse 0
    } }
  #ifndef (Fog)
    texture { pigment { function { select(x*x+(y+0.02)*(y+0.02)-0.0625, select(sin(36*atan2(y+0.02,x)),0,1), 0.44) } color_map { [0 rgb 0.018] [0.44 rgb 0.18] [1 rgb 0.60] } } finish { ambient 0 diffuse 0 emission 1 } }
  #end }
// Slanted edges, five degrees off upright
#for (S, -1, 1, 2) union { box { <-0.13,-0.22,D-0.003>, <0,0.22,D-0.0025> Plain(0.03) } box { <0,-0.22,D-0.003>, <0.13,0.22,D-0.0025> Plain(0.55) } rotate z*5 translate <S*0.62,-0.02,0> } #end
#for (S, -1, 1, 2) Card(S*1.02-0.15, -0.24, S*1.02+0.15, 0.22, 0.001) texture { pigment { rgb 0 } finish { ambient 0 diffuse 0 } } #ifndef (Fog) texture { pigment { checker rgb 0.05, rgb 0.45 scale 0.05 } finish { ambient 0 diffuse 0 emission 1 } } #end } #end
// Points of light: 1, 1.4, 2, 2.8, 4, 5.6, 8, 11 and 16 m, two pixels across, left to right.
#declare Far = array[9] { 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16 }
#for (I, 0, 8) sphere { <-1.2+0.3*I, -0.64, 4>*Far[I]/4, #ifdef (Fog) 0.002 #else 0.0004 #end *Far[I] Plain(60) } #end
