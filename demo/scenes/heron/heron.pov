// A heron glides in over the clay pond. Declare=Show=0 renders the pond, 1 the heron against the sky, 3 the sky there
// without it, 5 its outline. Declare=Light=2 renders the pond after sunset, with the glow behind the far bank.
#version 3.7;
#ifndef (Show) #declare Show = 0; #end
#ifndef (Light) #declare Light = 1; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else #if (Show = 5) 1 #else 5 #end #end #include "kilnyard.inc" #ifndef (Fog) #if (Show < 5) Radiosity(80, 0.6) #end #end }
#include "heron.inc"
camera { perspective location <0, 1.7, 0> right x*1.5 up y look_at <0, 1.7, 10> angle 23.91 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #end
#declare There = <0, 2.9, 15>;
#if (Show = 5)
  fog { distance 1e4 color rgb 1 }
  object { Heron translate There }
#else
  #ifndef (Fog)
  #if (Light = 2)
  sky_sphere { pigment { gradient y color_map { [0 rgb <1.0,0.60,0.28>*2.4] [0.04 rgb <1.0,0.70,0.42>*2.0] [0.16 rgb <0.80,0.68,0.62>*1.1] [0.4 rgb <0.36,0.42,0.58>*0.4] [1 rgb <0.12,0.17,0.30>*0.2] } } }
  #else
  light_source { <-60, 34, -38> color rgb <1,0.90,0.74>*4.2 area_light <0.6,0,0>,<0,0.6,0>,4,4 adaptive 1 jitter circular orient }
  sky_sphere { pigment { gradient y color_map { [0 rgb <1.0,0.95,0.86>*1.55] [0.06 rgb <0.92,0.94,0.95>*1.4] [0.25 rgb <0.66,0.79,0.96>*1.15] [1 rgb <0.3,0.46,0.8>*0.8] } } }
  #end
  #end
  #if (Show = 0)
  // Water, with its far bank and the alders on it
  plane { y, 0 texture { pigment { rgb <0.035,0.045,0.04> } normal { bumps 0.045 scale <0.9,1,0.25> } finish { diffuse 0.6 ambient 0 specular 0.5 roughness 0.01 reflection { 0.05, 0.85 fresnel on } conserve_energy } } interior { ior 1.33 } }
  difference { sphere { 0, 1 scale <300,1.4,60> translate <0,0,104> } plane { y, -5 } texture { Earth scale 4 } texture { pigment { granite scale 1.4 color_map { [0 rgbt <0.10,0.15,0.05,0>] [0.6 rgbt <0.22,0.24,0.10,0.2>] [1 rgbt <0.3,0.28,0.15,0.9>] } } normal { bumps 1.2 scale 0.15 } finish { diffuse 0.85 ambient 0 } } }
  #macro Alder(X, Z, H, S)
    #local Rt = seed(S); #local C = <0.07+0.07*rand(Rt),0.11+0.04*rand(Rt),0.025>;
    #local Leaves = texture { pigment { granite scale 0.1 color_map { [0 rgb C*0.35] [1 rgb C*1.5] } } normal { granite 1.4 scale 0.08 } finish { diffuse 0.8 ambient 0 } }
    cone { <X,0,Z>, 0.13, <X,H,Z>, 0.03 texture { Wood rotate x*90 } }
    #for (I, 0, 240)
      #local Up = 0.22+0.85*rand(Rt); #local R = H*0.30*sin(pi*pow(Up,0.8)/1.08)*sqrt(rand(Rt)); #local A = 2*pi*rand(Rt);
      sphere { 0, 0.07+0.11*rand(Rt) scale <1.3,0.6,1.3> rotate z*(rand(Rt)*40-20) translate <X+R*cos(A), H*Up, Z+R*sin(A)> texture { Leaves } }
    #end
  #end
  #declare Rs = seed(31);
  #for (I, 0, 25) Alder(-15+1.2*I+rand(Rs), 58+rand(Rs)*18, 2.4+rand(Rs)*1.7, I+40) #end
  // A kiln with its chimney on the far bank
  box { <4.2,0,66>, <8.4,2.8,70> texture { Brick } } prism { linear_sweep linear_spline 66, 70, 4, <4.0,2.8>,<8.6,2.8>,<6.3,4.0>,<4.0,2.8> rotate x*-90 scale <1,1,-1> texture { Clay } }
  cone { <5.0,2.6,68>, 0.55, <5.0,5.2,68>, 0.38 texture { Brick } }
  // Reeds near by
  #declare Rr = seed(5);
  #for (I, 0, 260)
    #local X = (rand(Rr)-0.5)*4.2; #local Z = 5.6+rand(Rr)*3.4; #local H = 0.55+rand(Rr)*0.85;
    #if (abs(X) > 0.55+0.5*rand(Rr))
      cone { <X,0,Z>, 0.008, <X+(rand(Rr)-0.5)*0.3,H,Z+(rand(Rr)-0.5)*0.2>, 0.002 texture { pigment { rgb <0.25+0.2*rand(Rr),0.28+0.1*rand(Rr),0.10> } finish { diffuse 0.85 ambient 0 } } }
      #if (rand(Rr) > 0.8) cylinder { <X,H*0.8,Z>, <X+0.01,H*0.8+0.13,Z>, 0.014 texture { pigment { rgb <0.16,0.09,0.05> } normal { bumps 0.4 scale 0.005 } finish { diffuse 0.85 ambient 0 } } } #end
    #end
  #end
  #end
  #if (Show = 1) object { Heron translate There } #end
#end
