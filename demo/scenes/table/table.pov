// Three people at a table in the clay store, a lamp above it, a window on the left.
// Declare=Light=1 renders the lamp's light, 2 the window's.
#version 3.7;
#ifndef (Light) #declare Light = 1; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end #include "kilnyard.inc" #ifndef (Fog) Radiosity(120, 0.5) #end }
camera { perspective location <0, 1.34, -2.45> right x*1.5 up y look_at <0, 1.06, 0.2> angle 54.43 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
  #if (Light = 1)
    light_source { <0.05, 1.79, 0.30> color rgb <1,0.80,0.52>*1.5 area_light <0.12,0,0>,<0,0,0.12>,4,4 adaptive 1 jitter fade_distance 1 fade_power 2 }
    light_source { <0.05, 2.95, 0.30> color rgb <1,0.80,0.55>*0.10 area_light <1.6,0,0>,<0,0,1.6>,5,5 adaptive 1 jitter fade_distance 2 fade_power 2 }
  #else
    light_source { <-2.75, 1.85, 0.35> color rgb <0.90,0.96,1>*1.5 area_light <0,1.1,0>,<0,0,1.3>,8,8 adaptive 2 jitter fade_distance 2 fade_power 2 }
  #end
#end
#macro SkinOf(A, B)
  texture {
    pigment { granite turbulence 0.4 scale 0.09 color_map { [0 rgb A] [0.7 rgb (A+B)/2] [1 rgb B] } }
    normal { bumps 0.10 scale 0.006 }
    finish { diffuse 0.9 ambient 0 specular 0.14 roughness 0.06 }
  }
#end
#macro HairOf(C) texture { pigment { rgb C } finish { diffuse 0.8 ambient 0 specular 0.25 roughness 0.04 } } #end
#macro Cloth(C)
  texture {
    pigment { granite scale 0.05 color_map { [0 rgb C*0.85] [1 rgb C*1.1] } }
    normal { average normal_map { [1 bumps 0.25 scale 0.006] [1.2 wrinkles 0.5 scale 0.09] } }
    finish { diffuse 0.9 ambient 0 }
  }
#end
#declare EyeWhite = pigment { rgb <0.70,0.66,0.60> }
#declare Iris = pigment { rgb <0.09,0.06,0.045> }
#declare Shoulders = 0;
#include "head.inc"
// Somebody who sits at z = 0 and looks to -z; Lean brings the head forward, Turn turns it, Left and Right are the hands.
#macro Sitter(Lean, Turn, Nod, LeftHand, RightHand, C)
  union {
    object { Head() scale 1.04 rotate <Nod, Turn, 0> translate <0, 1.245, -0.05-Lean> }
    sphere_sweep { b_spline 6, <0,0.40,0.14>,0.17, <0,0.46,0.12>,0.18, <0,0.66,0.06-Lean*0.3>,0.175, <0,0.84,0.01-Lean*0.7>,0.165, <0,0.96,-0.02-Lean>,0.13, <0,1.10,-0.02-Lean>,0.075 scale <1.1,1,0.86> Cloth(C) }
    sphere_sweep { cubic_spline 6, <-0.1,1.02,-0.02-Lean>,0.08, <-0.16,1.00,-0.01-Lean>,0.085, <-0.23,0.96,-0.02-Lean>,0.078, <-0.28,0.80,-0.10-Lean>,0.066, LeftHand+<-0.03,0.03,0.08>,0.045, LeftHand,0.04 Cloth(C) }
    sphere_sweep { cubic_spline 6, <0.1,1.02,-0.02-Lean>,0.08, <0.16,1.00,-0.01-Lean>,0.085, <0.23,0.96,-0.02-Lean>,0.078, <0.28,0.80,-0.10-Lean>,0.066, RightHand+<0.03,0.03,0.08>,0.045, RightHand,0.04 Cloth(C) }
    union {
      sphere { 0, 1 scale <0.042,0.026,0.055> translate LeftHand+<0.01,0,-0.05> }
      sphere { 0, 1 scale <0.042,0.026,0.055> translate RightHand+<-0.01,0,-0.05> }
      #for (I, 0, 3)
        sphere_sweep { linear_spline 2, LeftHand+<-0.018+0.017*I,0.004,-0.08>,0.011, LeftHand+<-0.022+0.019*I,-0.012,-0.135+0.006*abs(I-1.5)>,0.009 }
        sphere_sweep { linear_spline 2, RightHand+<0.018-0.017*I,0.004,-0.08>,0.011, RightHand+<0.022-0.019*I,-0.012,-0.135+0.006*abs(I-1.5)>,0.009 }
      #end
      texture { Skin }
    }
    torus { 0.075, 0.022 rotate x*8 translate <0,1.115,-0.02-Lean> Cloth(C*1.15) }
    sphere_sweep { linear_spline 3, <-0.1,0.44,0.1>,0.09, <-0.13,0.48,-0.34>,0.085, <-0.14,0.1,-0.4>,0.06 Cloth(<0.10,0.10,0.12>) }
    sphere_sweep { linear_spline 3, <0.1,0.44,0.1>,0.09, <0.13,0.48,-0.34>,0.085, <0.14,0.1,-0.4>,0.06 Cloth(<0.10,0.10,0.12>) }
  }
#end
#declare Skin = SkinOf(<0.62,0.42,0.31>, <0.55,0.35,0.25>) #declare Hair = HairOf(<0.16,0.09,0.045>)
object { Sitter(0.10, 22, 6, <-0.17,0.78,-0.42>, <0.15,0.78,-0.44>, <0.42,0.17,0.11>) rotate y*-62 translate <-0.94,0,0.36> }
#declare Skin = SkinOf(<0.36,0.22,0.14>, <0.29,0.17,0.11>) #declare Hair = HairOf(<0.02,0.017,0.015>)
object { Sitter(0.04, -16, 2, <-0.16,0.78,-0.40>, <0.13,0.86,-0.36>, <0.34,0.36,0.33>) translate <0.14,0.02,1.13> }
#declare Skin = SkinOf(<0.66,0.47,0.37>, <0.60,0.40,0.30>) #declare Hair = HairOf(<0.42,0.40,0.37>)
object { Sitter(0.08, -26, 4, <-0.15,0.78,-0.45>, <0.16,0.78,-0.42>, <0.10,0.17,0.26>) rotate y*64 translate <0.98,-0.02,0.34> }
// The table with what is on it
cylinder { <0.02,0.715,0.30>, <0.02,0.745,0.30>, 0.66 texture { Wood rotate y*90 scale 2 } }
torus { 0.66, 0.012 translate <0.02,0.733,0.30> texture { Wood } }
cylinder { <0.02,0,0.30>, <0.02,0.72,0.30>, 0.06 texture { Wood rotate x*90 } }
#macro Cup(X, Z, A, B) lathe { cubic_spline 9, <0,0>, <0.02,0>, <0.024,0.004>, <0.04,0.03>, <0.042,0.06>, <0.040,0.085>, <0.036,0.085>, <0.034,0.03>, <0,0.01> translate <X,0.745,Z> Glaze(A,B) } #end
Cup(-0.30,0.20,<0.50,0.48,0.42>,<0.30,0.34,0.32>) Cup(0.20,0.58,<0.08,0.14,0.22>,<0.2,0.3,0.4>) Cup(0.38,0.16,<0.5,0.36,0.2>,<0.6,0.5,0.4>)
lathe { cubic_spline 11, <0,0>, <0.06,0>, <0.07,0.01>, <0.095,0.06>, <0.085,0.13>, <0.04,0.18>, <0.035,0.21>, <0.045,0.225>, <0.038,0.225>, <0.03,0.2>, <0,0.15> translate <-0.06,0.745,0.40> Glaze(<0.10,0.22,0.26>,<0.30,0.42,0.40>) }
lathe { cubic_spline 8, <0,0>, <0.08,0>, <0.1,0.006>, <0.165,0.03>, <0.17,0.042>, <0.16,0.042>, <0.1,0.014>, <0,0.012> translate <0.06,0.745,0.04> Glaze(<0.60,0.57,0.50>,<0.42,0.44,0.40>) }
#declare Rb = seed(7);
#for (I, 0, 6) sphere { 0, 1 scale <0.034+0.006*rand(Rb),0.03,0.034> translate <0.06+(rand(Rb)-0.5)*0.16,0.785,0.04+(rand(Rb)-0.5)*0.16> texture { pigment { gradient y turbulence 0.3 scale 0.06 color_map { [0 rgb <0.42,0.22,0.08>] [1 rgb <0.60,0.38,0.16>] } } normal { bumps 0.3 scale 0.008 } finish { diffuse 0.85 ambient 0 } } } #end
// The lamp: a shade that is white inside, and its bulb
difference {
  cone { <0.05,1.98,0.30>, 0.07, <0.05,1.76,0.30>, 0.25 } cone { <0.05,1.975,0.30>, 0.06, <0.05,1.75,0.30>, 0.247 }
  texture { pigment { rgb <0.06,0.11,0.09> } finish { diffuse 0.8 ambient 0 specular 0.3 roughness 0.02 } }
}
difference {
  cone { <0.05,1.974,0.30>, 0.059, <0.05,1.761,0.30>, 0.246 } cone { <0.05,1.972,0.30>, 0.055, <0.05,1.75,0.30>, 0.244 }
  texture { pigment { rgb 0.8 } finish { diffuse 0.85 ambient 0 } } no_shadow
}
sphere { <0.05,1.82,0.30>, 0.04 texture { pigment { rgb <1,0.85,0.62> } finish { diffuse 0 ambient 0 #ifndef (Fog) #if (Light = 1) emission <1,0.80,0.52>*26 #else diffuse 0.8 #end #end } } no_shadow }
cylinder { <0.05,1.98,0.30>, <0.05,3,0.30>, 0.006 Painted(<0.05,0.05,0.05>) }
// The room: wall with shelves of jars, a picture rail, the window
box { <-4,0,2.7>, <4,3,2.8> texture { pigment { granite turbulence 0.4 scale 1.4 color_map { [0 rgb <0.40,0.36,0.28>] [1 rgb <0.50,0.455,0.36>] } } normal { bumps 0.12 scale 0.03 } finish { diffuse 0.85 ambient 0 } } }
#for (S, 0, 1)
  box { <-1.35,1.30+0.46*S,2.42>, <1.8,1.335+0.46*S,2.7> texture { Wood rotate y*90 translate S } }
  #for (I, 0, 11) #if (mod(I*5+S*2,4) != 1)
    lathe { cubic_spline 9, <0,0>, <0.07,0>, <0.08,0.015>, <0.11,0.10>, <0.10,0.19>, <0.07,0.23>, <0.075,0.25>, <0.065,0.25>, <0.0,0.2> scale <0.85,0.75+0.16*mod(I*3+S,4),0.85> translate <-1.22+0.265*I,1.335+0.46*S,2.56>
    #switch (mod(I+2*S,4)) #case (0) texture { Clay translate I } #break #case (1) Glaze(<0.5,0.48,0.42>,<0.30,0.34,0.32>) #break #case (2) Glaze(<0.08,0.14,0.22>,<0.2,0.3,0.4>) #break #else texture { pigment { rgb 0.62 } normal { bumps 0.1 scale 0.02 } finish { diffuse 0.85 ambient 0 } } #end }
  #end #end
#end
plane { y, 0 texture { Wood rotate y*90 scale 3 } }
box { <-4,3,-4>, <4,3.1,2.8> Painted(<0.40,0.38,0.34>) } box { <3,0,-4>, <3.1,3,2.8> Painted(<0.30,0.27,0.21>) } box { <-4,0,-4>, <4,3,-3.9> texture { Lime } }
#macro Left(Z1, Z2, Y1, Y2) box { <-2.1,Y1,Z1>, <-2.0,Y2,Z2> Painted(<0.42,0.39,0.31>) } #end
Left(-4,-0.35,0,3) Left(1.15,2.8,0,3) Left(-0.35,1.15,0,1.05) Left(-0.35,1.15,2.55,3)
#for (I, 0, 2) box { <-2.06,1.05,-0.37+0.75*I>, <-2.02,2.55,-0.33+0.75*I> Painted(<0.7,0.68,0.62>) } #end
box { <-2.06,1.78,-0.35>, <-2.02,1.82,1.15> Painted(<0.7,0.68,0.62>) }
#ifndef (Fog) #if (Light = 2) sky_sphere { pigment { rgb <0.75,0.87,1>*1.1 } } #end #end
