// The kiln mouth in a dark shed: white heat behind a brick arch, tools and a stack of wood that only its glow reaches.
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 6 #end #include "kilnyard.inc" #ifndef (Fog) Radiosity(150, 0.5) #end }
camera { perspective location <0.55, 1.35, -3.3> right x*1.5 up y look_at <0.12, 1.0, 0> angle 54.43 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
  light_source { <0, 0.95, 0.55> color rgb <1,0.43,0.12>*5 area_light <0.6,0,0>,<0,0.5,0>,6,6 adaptive 1 jitter fade_distance 0.8 fade_power 2 }
  light_source { <0.1, 0.8, -0.05> color rgb <1,0.40,0.10>*1.4 area_light <0.5,0,0>,<0,0.4,0>,5,5 adaptive 1 jitter fade_distance 0.8 fade_power 2 }
  // Dusk through a gap in the boards, on the right.
  light_source { <4.2, 2.2, -1.2> color rgb <0.42,0.58,1>*0.10 area_light <0,1.6,0>,<0,0,0.5>,5,5 adaptive 1 jitter fade_distance 2.5 fade_power 2 }
#end
// Kiln front: brick face with an arched mouth, iron bands, a stoke hole below.
difference {
  box { <-1.5, 0, 0>, <1.5, 2.15, 0.42> }
  union { box { <-0.42,0.62,-1>, <0.42,1.15,1> } cylinder { <0,1.15,-1>, <0,1.15,1>, 0.42 } }
  box { <-0.20,0.12,-1>, <0.20,0.36,1> }
  texture { Brick }
}
// Voussoirs
#for (I, 0, 12)
  box { <-0.052,0.425,-0.03>, <0.052,0.66,0.2> rotate z*(90-I*15) translate <0,1.15,0> texture { pigment { granite scale 0.06 color_map { [0 rgb <0.34,0.20,0.14>] [1 rgb <0.46,0.29,0.21>] } translate I } normal { bumps 0.08 scale 0.02 } finish { diffuse 0.85 ambient 0 } } }
#end
box { <-1.55,0.46,-0.03>, <1.55,0.53,0.02> texture { Iron } } box { <-1.55,1.92,-0.03>, <1.55,1.99,0.02> texture { Iron } }
#for (I, -3, 3) #if (I != 0) sphere { <I*0.45,0.495,-0.035>, 0.018 texture { Iron } } sphere { <I*0.45,1.955,-0.035>, 0.018 texture { Iron } } #end #end
intersection { sphere { <0,1.2,1.2>, 2.1 } box { <-1.5,2.15,0>, <1.5,3.4,2.6> } texture { Brick } }
// The chamber: walls hot, pots hotter at the edges.
#ifdef (Fog) #declare Heat = 0; #else #declare Heat = 1; #end
difference {
  box { <-0.9,0.3,0.40>, <0.9,2.0,2.2> }
  box { <-0.62,0.55,0.3>, <0.62,1.7,1.9> }
  texture { pigment { brick rgb <0.5,0.3,0.2>, rgb <0.62,0.38,0.26> brick_size <0.22,0.073,0.11> mortar 0.006 } normal { brick 0.3 brick_size <0.22,0.073,0.11> mortar 0.006 }
    finish { diffuse 0.8 ambient 0 emission rgb <9,3.1,0.72>*Heat } }
}
box { <-0.62,0.55,1.2>, <0.62,0.63,1.85> texture { pigment { rgb <0.6,0.4,0.3> } finish { diffuse 0.6 ambient 0 emission rgb <12,4.4,1.1>*Heat } } }
#for (I, 0, 4)
  lathe { cubic_spline 9, <0,0>, <0.06,0>, <0.07,0.012>, <0.1,0.09>, <0.09,0.18>, <0.062,0.22>, <0.07,0.25>, <0.06,0.25>, <0,0.2> scale <0.85,1.0+0.22*mod(I*2,3),0.85> translate <-0.42+0.21*I,0.63,1.38+0.12*mod(I,2)>
  texture { pigment { rgb <0.5,0.3,0.2> } finish { diffuse 0.5 ambient 0 emission rgb <16,6.4,1.75>*Heat specular 0.3 roughness 0.02 } } }
#end
// Embers in the stoke hole
#declare Re = seed(8);
#for (I, 0, 70) sphere { <-0.19+0.38*rand(Re),0.13+0.06*rand(Re),0.02+0.4*rand(Re)>, 0.016+0.02*rand(Re) texture { pigment { rgb 0.1 } normal { bumps 0.5 scale 0.01 } finish { diffuse 0.5 ambient 0 emission rgb <4.2,0.95,0.12>*rand(Re)*Heat } } } #end
// The shed: floor, board walls, rafters
plane { y, 0 texture { Earth scale 1.4 } }
#for (I, -9, 9) box { <I*0.42+0.012,0,2.7>, <I*0.42+0.405,4,2.74> texture { Wood rotate x*90 translate <I,0,0> } } #end
#for (I, -4, 12) box { <3.1,0,-3.6+0.3*I>, <3.13,4,-3.315+0.3*I> texture { Wood rotate x*90 translate <I*3,0,0> } } #end
#for (I, -4, 12) box { <-3.0,0,-3.6+0.3*I>, <-2.97,4,-3.315+0.3*I> texture { Wood rotate x*90 translate <I*2,1,0> } } #end
#for (I, -2, 2) box { <-3.2,3.1,I*1.1-0.08>, <3.2,3.3,I*1.1+0.08> texture { Wood rotate y*90 translate I } } #end
box { <-3.2,3.6,-4>, <3.2,3.7,2> texture { Wood rotate y*90 } }
// Stack of split wood on the left
#declare Rw = seed(21);
#for (J, 0, 6) #for (I, 0, 6)
  intersection { cylinder { <0,0,-0.35>, <0,0,0.35>, 0.09 } plane { y, 0.02+0.03*rand(Rw) rotate z*360*rand(Rw) } rotate <0,(rand(Rw)-0.5)*8,rand(Rw)*360> translate <-2.55+0.165*I+0.08*mod(J,2),0.09+0.145*J,-0.15+0.08*rand(Rw)>
  texture { pigment { wood turbulence 0.1 scale 0.03 color_map { [0 rgb <0.55,0.40,0.24>] [1 rgb <0.36,0.24,0.13>] } } normal { bumps 0.3 scale 0.01 } finish { diffuse 0.85 ambient 0 } } }
#end #end
// Rakes and tongs leaning on the right, a bench with pots waiting
#for (I, 0, 2) union { cylinder { <0,0,0>, <0,1.75,0>, 0.014 } cylinder { <-0.12,0,0>, <0.12,0,0>, 0.016 } rotate z*(7+4*I) rotate x*-8 translate <1.72+0.13*I,0.02,-0.28> texture { Iron } } #end
box { <1.0,0.46,-1.15>, <2.2,0.51,-0.72> texture { Wood rotate y*90 } } #for (I, 0, 1) box { <1.1+0.9*I,0,-1.1>, <1.17+0.9*I,0.46,-0.78> texture { Wood rotate x*90 } } #end
#for (I, 0, 3) lathe { cubic_spline 9, <0,0>, <0.06,0>, <0.07,0.012>, <0.1,0.09>, <0.09,0.18>, <0.062,0.22>, <0.07,0.25>, <0.06,0.25>, <0,0.2> scale <0.9,0.9+0.2*mod(I,2),0.9> translate <1.16+0.25*I,0.51,-0.95+0.06*mod(I,2)> Glaze(<0.42,0.40,0.34>,<0.12+0.1*I,0.22,0.26>) } #end
