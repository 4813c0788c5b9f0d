// A clay bust on a modelling stand by a window; shelves in the room behind.
// Declare=Light=1 renders the window's light, 2 a small flash on the camera, 3 the same flash 1.2 m from the face, 45
// degrees to the right and 30 above: inverse-square, a white card one metre away is 1.
#version 3.7;
#ifndef (Light) #declare Light = 1; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end #include "kilnyard.inc" #ifndef (Fog) #if (Light = 1) Radiosity(140, 0.45) #else Radiosity(60, 0.7) #end #end }
camera { perspective location <0, 1.5, -1.6> right x*1.5 up y look_at <0.0, 1.45, 0> angle 39.6 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
  #if (Light = 1)
    light_source { <-2.1, 1.95, -0.55> color rgb <0.93,0.97,1>*1.75 area_light <0,1.2,0>,<0.35,0,0.9>,9,9 adaptive 2 jitter fade_distance 2 fade_power 2 }
    light_source { <1.8, 1.5, 1.9> color rgb <1,0.72,0.42>*0.16 area_light <0.3,0,0>,<0,0.3,0>,4,4 adaptive 1 jitter fade_distance 1.5 fade_power 2 }
  #else #if (Light = 3)
    light_source { <0.765, 2.10, -0.735> color rgb 50.5 fade_distance 0.1 fade_power 2 area_light <0.06,0,0.06>,<0,0.06,0>,3,3 adaptive 1 jitter }
  #else
    light_source { <0.03, 1.62, -1.6> color rgb 50.5 fade_distance 0.1 fade_power 2 area_light <0.06,0,0>,<0,0.03,0>,3,3 adaptive 1 jitter }
  #end #end
#end
#declare Skin = texture {
  pigment { granite turbulence 0.4 scale 0.09 color_map { [0 rgb <0.46,0.30,0.215>] [0.7 rgb <0.53,0.36,0.265>] [1 rgb <0.41,0.26,0.18>] } }
  normal { average normal_map { [1 bumps 0.22 scale 0.006] [0.7 granite 0.10 scale 0.08] } }
  finish { diffuse 0.9 ambient 0 specular 0.10 roughness 0.07 }
}
#declare Hair = texture { Skin }
#declare EyeWhite = pigment { rgb <0.60,0.50,0.41> }
#declare Iris = pigment { rgb <0.10,0.075,0.055> }
#declare Shoulders = 1;
#include "head.inc"
object { Head() scale 1.12 rotate <2,16,0> translate <0.03,1.50,0> }
// Stand: a turntable board, post and tools
cylinder { <0.03,1.045,0.03>, <0.03,1.085,0.03>, 0.21 texture { Wood rotate y*30 } }
cylinder { <0.03,0,0.03>, <0.03,1.05,0.03>, 0.04 texture { Iron } }
lathe { cubic_spline 9, <0,0>, <0.03,0>, <0.035,0.006>, <0.045,0.05>, <0.04,0.09>, <0.035,0.11>, <0.038,0.12>, <0.032,0.12>, <0,0.1> translate <0.19,1.085,-0.05> Glaze(<0.10,0.22,0.26>,<0.30,0.42,0.40>) }
#for (I, 0, 2) cylinder { <0.19,1.12,-0.05>, <0.19+0.018*(I-1),1.29,-0.05+0.012*I>, 0.0035 texture { Wood rotate x*90 } } #end
// Room: wall, shelves with casts and jars, a doorway with light beyond
box { <-4,0,3.2>, <4,3.4,3.3> texture { pigment { granite turbulence 0.4 scale 1.4 color_map { [0 rgb <0.155,0.19,0.185>] [1 rgb <0.205,0.24,0.23>] } } normal { bumps 0.12 scale 0.03 } finish { diffuse 0.85 ambient 0 } } }
#for (S, 0, 2)
  box { <-1.9,0.85+0.48*S,2.86>, <0.55,0.89+0.48*S,3.2> texture { Wood rotate y*90 translate S } }
  #for (I, 0, 8) #if (mod(I*5+S*2,4) != 1)
    lathe { cubic_spline 9, <0,0>, <0.07,0>, <0.08,0.015>, <0.11,0.10>, <0.10,0.19>, <0.07,0.23>, <0.075,0.25>, <0.065,0.25>, <0.0,0.2> scale <0.85,0.8+0.18*mod(I*3+S,4),0.85> translate <-1.78+0.28*I,0.89+0.48*S,3.02>
    #switch (mod(I+2*S,4)) #case (0) texture { Clay translate I } #break #case (1) Glaze(<0.5,0.48,0.42>,<0.30,0.34,0.32>) #break #case (2) Glaze(<0.08,0.14,0.22>,<0.2,0.3,0.4>) #break #else texture { pigment { rgb 0.62 } normal { bumps 0.1 scale 0.02 } finish { diffuse 0.85 ambient 0 } } #end }
  #end #end
#end
box { <0.95,0,3.15>, <1.75,2.1,3.21> texture { pigment { rgb <0.5,0.38,0.25> } finish { diffuse 0.6 ambient 0 #ifndef (Fog) #if (Light = 1) emission <1,0.74,0.46>*0.28 #end #end } } }
box { <0.87,0,3.1>, <0.95,2.2,3.2> texture { Wood rotate x*90 } } box { <1.75,0,3.1>, <1.83,2.2,3.2> texture { Wood rotate x*90 } } box { <0.87,2.1,3.1>, <1.83,2.2,3.2> texture { Wood rotate y*90 } }
plane { y, 0 texture { Wood rotate y*90 scale 3 } }
box { <-4,3.4,-4>, <4,3.5,3.3> Painted(<0.34,0.32,0.29>) } box { <4,0,-4>, <4.1,3.4,3.3> Painted(<0.16,0.17,0.16>) } box { <-4,0,-4>, <4,3.4,-3.9> texture { Lime } }
box { <-3.0,0,-4>, <-2.9,0.9,3.3> texture { Lime } } box { <-3.0,2.9,-4>, <-2.9,3.4,3.3> texture { Lime } } box { <-3.0,0,1.0>, <-2.9,3.4,3.3> texture { Lime } }
#ifndef (Fog) #if (Light = 1) sky_sphere { pigment { rgb <0.75,0.87,1>*1.1 } } #end #end
