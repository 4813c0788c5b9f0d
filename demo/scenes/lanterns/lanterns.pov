// The lantern yard at night: paper lanterns on wires over wet cobbles, the old drying house behind, open sky above.
// Declare=Light=1 renders the lanterns' light, 2 the moon's. Stars and the moon itself are drawn by the practice camera.
#version 3.7;
#ifndef (Light) #declare Light = 1; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end #include "kilnyard.inc" #ifndef (Fog) #if (Light = 1) Radiosity(130, 0.5) #else Radiosity(60, 0.7) #end #end }
camera { perspective location <0, 1.5, -7.5> right x*1.5 up y look_at <0, 2.95, 6> angle 73.74 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #end
#declare WetCobbles = texture {
  pigment { crackle scale 0.15 turbulence 0.1 color_map { [0 rgb <0.06,0.055,0.05>] [0.1 rgb <0.13,0.12,0.11>] [1 rgb <0.23,0.215,0.195>] } }
  normal { average normal_map { [0.7 crackle 0.8 scale 0.15 turbulence 0.1] [0.3 bumps 0.2 scale 0.02] } }
  finish { diffuse 0.8 ambient 0 specular 0.8 roughness 0.02 reflection { 0.02, 0.45 } }
}
plane { y, 0 texture { WetCobbles } }
#macro Lantern(X, Y, Z, R, C)
  #ifndef (Fog) #if (Light = 1)
    light_source { <X,Y,Z> color rgb C*0.42 area_light <R,0,0>,<0,R,0>,3,3 adaptive 1 jitter circular orient fade_distance 1 fade_power 2 }
  #end #end
  sphere { 0, R scale <1,1.18,1> translate <X,Y,Z> hollow no_shadow
    texture { pigment { rgb C*0.5 } normal { gradient y 0.5 triangle_wave scale 0.045 }
      finish { diffuse 0.5 ambient 0 #ifndef (Fog) #if (Light = 1) emission C*2.6 #end #end } } }
  cylinder { <X,Y+R*1.14,Z>, <X,Y+R*1.14+0.04,Z>, R*0.42 texture { Iron } no_shadow }
  cylinder { <X,Y-R*1.18,Z>, <X,Y-R*1.14,Z>, R*0.42 texture { Iron } no_shadow }
  cylinder { <X,Y+R*1.14,Z>, <X,Y+R*1.14+0.22,Z>, 0.005 texture { Iron } no_shadow }
#end
#declare Warm = <1,0.56,0.20>; #declare Pale = <1,0.72,0.40>; #declare Red = <1,0.24,0.09>;
#declare Wire = texture { Iron }
#macro Row(Z, Y0, N, S)
  #local Rr = seed(S);
  #for (I, 0, N-1)
    #local U = (I+0.5)/N*2-1;
    #local YY = Y0 - 0.55*(1-U*U);
    #switch (mod(I*3+S,4)) #case (0) #local Paper = Red; #break #case (1) #local Paper = Pale; #break #else #local Paper = Warm; #end
    Lantern(U*4.6, YY-0.42, Z+0.1*(rand(Rr)-0.5), 0.17+0.05*rand(Rr), Paper)
  #end
  #for (K, 0, 23) #local A = K/12-1; #local B = (K+1)/12-1;
    cylinder { <A*4.6,Y0-0.55*(1-A*A),Z>, <B*4.6,Y0-0.55*(1-B*B),Z>, 0.008 texture { Wire } no_shadow } #end
#end
Row(-2.5, 3.6, 5, 1) Row(0.6, 3.75, 7, 2) Row(3.6, 3.9, 7, 3)
#for (I, 0, 2) cylinder { <-4.6,0,-2.5+3.05*I>, <-4.6,3.95,-2.5+3.05*I>, 0.05 texture { Iron } } cylinder { <4.6,0,-2.5+3.05*I>, <4.6,3.95,-2.5+3.05*I>, 0.05 texture { Iron } } #end
// The drying house: brick below, louvred timber above, a gable, a chimney stack to one side.
difference {
  box { <-5.2,0,7>, <4.6,3.0,12> }
  #for (I, -2, 2) box { <I*1.8-0.45,0.9,6.5>, <I*1.8+0.45,2.3,7.3> } #end
  texture { Brick }
}
#for (I, -2, 2)
  box { <I*1.8-0.45,0.9,7.22>, <I*1.8+0.45,2.3,7.26> texture { pigment { rgb <0.3,0.2,0.1> } finish { diffuse 0.4 ambient 0 specular 0.7 roughness 0.005 reflection 0.1 #ifndef (Fog) #if (Light = 1) emission #if (I = -1 | I = 2) <1,0.62,0.26>*0.55 #else 0 #end #end #end } } }
  box { <I*1.8-0.025,0.9,7.16>, <I*1.8+0.025,2.3,7.2> texture { Wood rotate x*90 } } box { <I*1.8-0.45,1.56,7.16>, <I*1.8+0.45,1.62,7.2> texture { Wood } }
  box { <I*1.8-0.55,0.8,6.85>, <I*1.8+0.55,0.9,7.05> texture { Stone } }
#end
#for (I, 0, 10) box { <-5.2,3.05+I*0.13,6.98>, <4.6,3.06+I*0.13,7.12> rotate x*0 texture { Wood rotate y*90 translate I } } #end
box { <-5.2,3.0,7.1>, <4.6,4.5,7.2> texture { Wood rotate x*90 scale 2 } }
prism { linear_sweep linear_spline 6.6, 12.4, 4, <-5.7,4.45>, <4.9+0.2,4.45>, <-0.3,6.3>, <-5.7,4.45> rotate x*-90 scale <1,1,-1> texture { pigment { brick rgb 0.06, rgb <0.16,0.075,0.05> brick_size <0.3,0.2,0.4> mortar 0.02 } normal { brick 0.6 brick_size <0.3,0.2,0.4> mortar 0.02 } finish { diffuse 0.8 ambient 0 specular 0.1 roughness 0.05 } } }
lathe { linear_spline 6, <0,0>, <1.1,0>, <0.62,6.5>, <0.72,6.55>, <0.72,6.9>, <0,6.9> translate <7.4,0,10> texture { Brick } }
// The yard wall closes the view to both sides.
difference { box { <-30,0,12.2>, <30,2.6,12.6> } box { <6,-1,12>, <8.8,2.1,13> } texture { Brick } }
box { <-30,2.6,12.1>, <30,2.72,12.7> texture { Stone } }
Tree(-7.2, 6.5, 4.4, 3)
// Tables and benches of the evening, pots on them.
#for (I, 0, 1)
  box { <-0.9,0.68,-0.35>, <0.9,0.74,0.35> translate <-2.4+4.9*I,0,1.6-0.8*I> texture { Wood rotate y*90 } }
  #for (K, 0, 3) box { <-0.04,0,-0.04>, <0.04,0.68,0.04> translate <-2.4+4.9*I-0.78+1.56*mod(K,2),0,1.6-0.8*I-0.27+0.54*floor(K/2)> texture { Wood rotate x*90 } } #end
  #for (K, 0, 3) lathe { cubic_spline 9, <0,0>, <0.06,0>, <0.07,0.012>, <0.1,0.09>, <0.09,0.18>, <0.062,0.22>, <0.07,0.25>, <0.06,0.25>, <0,0.2> scale 0.9 translate <-2.4+4.9*I-0.6+0.38*K,0.74,1.6-0.8*I+0.12*mod(K,2)> Glaze(<0.1+0.15*K,0.3,0.35>,<0.5,0.42-0.08*K,0.3>) } #end
#end
#ifndef (Fog) #if (Light = 2)
  // The moon stands over the roof, 20 degrees left of the view and 24 degrees up.
  light_source { <-31.2, 40.7, 85.8> color rgb <0.80,0.90,1>*1 parallel point_at <0,0,0> area_light <0.6,0,0>,<0,0,0.6>,2,2 adaptive 1 jitter circular orient }
  sky_sphere { pigment { gradient y color_map { [0 rgb <0.5,0.62,0.8>*0.030] [0.5 rgb <0.25,0.38,0.62>*0.026] [1 rgb <0.18,0.28,0.5>*0.022] } } }
#end #end
