// A clay bust on a modelling stand by a window; shelves in the room behind.
// Declare=Light=1 renders the window's light, 2 a small flash on the camera: inverse-square, a white card one metre away is 1.
#version 3.7;
#ifndef (Light) #declare Light = 1; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end #include "kilnyard.inc" #ifndef (Fog) #if (Light = 1) Radiosity(140, 0.45) #else Radiosity(60, 0.7) #end #end }
camera { perspective location <0, 1.5, -1.6> right x*1.5 up y look_at <0.0, 1.45, 0> angle 39.6 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
  #if (Light = 1)
    light_source { <-2.1, 1.95, -0.55> color rgb <0.93,0.97,1>*1.75 area_light <0,1.2,0>,<0.35,0,0.9>,9,9 adaptive 2 jitter fade_distance 2 fade_power 2 }
    light_source { <1.8, 1.5, 1.9> color rgb <1,0.72,0.42>*0.16 area_light <0.3,0,0>,<0,0.3,0>,4,4 adaptive 1 jitter fade_distance 1.5 fade_power 2 }
  #else
    light_source { <0.03, 1.62, -1.6> color rgb 50.5 fade_distance 0.1 fade_power 2 area_light <0.06,0,0>,<0,0.03,0>,3,3 adaptive 1 jitter }
  #end
#end
#declare Skin = texture {
  pigment { granite turbulence 0.4 scale 0.09 color_map { [0 rgb <0.46,0.30,0.215>] [0.7 rgb <0.53,0.36,0.265>] [1 rgb <0.41,0.26,0.18>] } }
  normal { average normal_map { [1 bumps 0.22 scale 0.006] [0.7 granite 0.10 scale 0.08] } }
  finish { diffuse 0.9 ambient 0 specular 0.10 roughness 0.07 }
}
#declare Thresh = 0.5;
// Head turned a little to the window. Units inside: head about 0.24 high, face towards -z.
#declare Head = union {
  blob { threshold Thresh
    sphere { <0,0.055,0.02>, 0.150, 1.6 scale <0.86,1.02,1.08> }      // skull
    sphere { <0,-0.005,-0.030>, 0.115, 1.0 scale <0.84,1.25,1> }       // face
    sphere { <0,-0.094,-0.052>, 0.054, 0.75 }                          // chin
    cylinder { <0.052,-0.055,-0.005>, <0.020,-0.100,-0.040>, 0.050, 0.5 } cylinder { <-0.052,-0.055,-0.005>, <-0.020,-0.100,-0.040>, 0.050, 0.5 } // jaw
    sphere { <0.046,-0.010,-0.074>, 0.042, 0.38 } sphere { <-0.046,-0.010,-0.074>, 0.042, 0.38 } // cheek bones
    cylinder { <-0.050,0.047,-0.086>, <-0.014,0.050,-0.098>, 0.024, 0.40 } cylinder { <0.050,0.047,-0.086>, <0.014,0.050,-0.098>, 0.024, 0.40 } // brows
    cylinder { <0,0.046,-0.098>, <0,-0.010,-0.120>, 0.022, 0.72 }      // bridge
    sphere { <0,-0.014,-0.120>, 0.025, 0.62 }                          // tip
    sphere { <0.013,-0.019,-0.110>, 0.018, 0.45 } sphere { <-0.013,-0.019,-0.110>, 0.018, 0.45 } // wings
    cylinder { <-0.020,-0.049,-0.080>, <0.020,-0.049,-0.080>, 0.020, 0.20 }   // upper lip
    cylinder { <-0.014,-0.067,-0.078>, <0.014,-0.067,-0.078>, 0.021, 0.20 }   // lower lip
    cylinder { <-0.026,-0.0575,-0.094>, <0.026,-0.0575,-0.094>, 0.011, -0.5 } // mouth
    sphere { <0.033,0.026,-0.107>, 0.030, -0.80 } sphere { <-0.033,0.026,-0.107>, 0.030, -0.80 } // sockets
    cylinder { <0,-0.09,0.025>, <0,-0.24,0.05>, 0.100, 1.0 }           // neck
    cylinder { <0.030,-0.10,0.03>, <0.012,-0.235,-0.02>, 0.03, 0.30 } cylinder { <-0.030,-0.10,0.03>, <-0.012,-0.235,-0.02>, 0.03, 0.30 }
    cylinder { <-0.14,-0.285,0.05>, <0.14,-0.285,0.05>, 0.115, 1.0 }   // shoulders
    sphere { <0,-0.33,0.04>, 0.16, 1.0 }
  }
  // Eyes: glazed, with an iris pressed into the clay
  #for (S, -1, 1, 2)
    union {
      sphere { <0,0,0>, 0.0158 texture { pigment { rgb <0.60,0.50,0.41> } normal { bumps 0.05 scale 0.004 } finish { diffuse 0.85 ambient 0 specular 0.9 roughness 0.004 reflection { 0.03, 0.3 } } } }
      cylinder { <0,0,-0.0150>, <0,0,-0.0161>, 0.0066 texture { pigment { rgb <0.10,0.075,0.055> } finish { diffuse 0.8 ambient 0 specular 1.1 roughness 0.003 reflection { 0.04, 0.3 } } } rotate y*S*-2 }
      rotate <4,-14,0> translate <S*0.0335,0.0265,-0.0865>
    }
    // Lids
    intersection { sphere { 0, 0.0180 } plane { -y, -0.0085 rotate x*-10 } translate <S*0.0335,0.0265,-0.0862> texture { Skin } }
    intersection { sphere { 0, 0.0176 } plane { y, -0.0088 rotate x*8 } translate <S*0.0335,0.0265,-0.0862> texture { Skin } }
    // Ears
    torus { 0.021, 0.0065 rotate z*90 scale <1,1.35,1> rotate <-12,S*-22,0> translate <S*0.083,0.012,0.018> texture { Skin } }
    sphere { 0, 0.014 scale <0.5,1.3,1> translate <S*0.082,0.008,0.018> texture { Skin } }
  #end
  // Hair, combed in ridges, tied behind
  difference {
    sphere { 0, 1 scale <0.098,0.112,0.122> translate <0,0.068,0.030> }
    box { <-1,-1,-1>, <1,0.105,-0.045> rotate x*-20 }
    box { <-1,-1,-1>, <1,0.0,0.02> }
    texture { Skin normal { average normal_map { [1 gradient x 0.7 triangle_wave turbulence 0.35 octaves 2 scale 0.013 rotate z*12] [1 bumps 0.3 scale 0.006] } } }
  }
  sphere { 0, 1 scale <0.045,0.04,0.04> translate <0,0.06,0.155> texture { Skin normal { gradient x 0.8 triangle_wave turbulence 0.2 scale 0.01 } } }
  texture { Skin }
}
object { Head scale 1.12 rotate <2,16,0> translate <0.03,1.50,0> }
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
