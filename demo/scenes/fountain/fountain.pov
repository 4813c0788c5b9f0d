// The courtyard fountain: a stone basin with a column and bowl, in open shade with sun on the wall behind.
// The water itself is drawn by the practice camera, from where and how fast it leaves the nozzles.
#version 3.7;
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else 7 #end #include "kilnyard.inc" #ifndef (Fog) Radiosity(120, 0.5) #end }
camera { perspective location <0, 1.35, -5.0> right x*1.5 up y look_at <0, 0.95, 0> angle 54.43 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
light_source { <-30, 38, 6> color rgb <1,0.94,0.82>*4.6 area_light <1.4,0,0>,<0,0,1.4>,4,4 adaptive 1 jitter circular orient }
sky_sphere { pigment { gradient y color_map { [0 rgb <0.85,0.9,1>*1.1] [0.4 rgb <0.5,0.66,0.92>*0.95] [1 rgb <0.28,0.44,0.8>*0.8] } } }
#end
plane { y, 0 texture { Cobbles } }
// The house that shades the fountain, out of frame on the left, and the sunlit wall behind.
box { <-9, 0, -8>, <-4.2, 7.5, 2.4> texture { Lime } }
difference {
  box { <-12, 0, 6.0>, <12, 4.4, 6.6> }
  #for (I, -2, 2) union { box { <I*2.9-0.7, 0.8, 5>, <I*2.9+0.7, 2.3, 7> } cylinder { <I*2.9, 2.3, 5>, <I*2.9, 2.3, 7>, 0.7 } } #end
  texture { Brick }
}
box { <-12, 0, 7.4>, <12, 6, 7.6> Painted(<0.12,0.11,0.10>) }
box { <-12, 4.4, 5.9>, <12, 4.6, 6.7> texture { Stone } }
Tree(4.2, 4.3, 3.2, 5) Tree(-4.8, 4.6, 2.6, 11)
// Basin
difference {
  cylinder { <0,0,0>, <0,0.52,0>, 1.55 }
  cylinder { <0,0.12,0>, <0,1,0>, 1.38 }
  texture { Stone }
}
torus { 1.465, 0.09 translate y*0.52 texture { Stone translate 3 } }
cylinder { <0,0.1,0>, <0,0.40,0>, 1.385
  texture { pigment { rgb <0.06,0.09,0.085> } normal { ripples 0.22 scale 0.13 turbulence 0.25 } finish { diffuse 0.5 ambient 0 specular 0.7 roughness 0.003 reflection { 0.06, 0.85 fresnel on } conserve_energy } } interior { ior 1.33 } }
// Column and bowl
lathe { cubic_spline 12, <0,0.1>, <0.26,0.12>, <0.24,0.30>, <0.14,0.42>, <0.12,0.72>, <0.16,0.84>, <0.30,0.90>, <0.56,1.02>, <0.60,1.07>, <0.55,1.08>, <0.26,0.97>, <0,0.94> texture { WetStone } }
cylinder { <0,0.96,0>, <0,1.035,0>, 0.50
  texture { pigment { rgb <0.08,0.11,0.10> } normal { ripples 0.3 scale 0.07 } finish { diffuse 0.5 ambient 0 specular 0.8 roughness 0.003 reflection { 0.06, 0.9 fresnel on } conserve_energy } } interior { ior 1.33 } }
lathe { cubic_spline 7, <0,1.0>, <0.05,1.0>, <0.045,1.12>, <0.075,1.2>, <0.03,1.28>, <0.028,1.30>, <0,1.31> texture { WetStone translate 5 } }
// Pots on the rim, and a bench.
lathe { cubic_spline 8, <0,0>, <0.10,0>, <0.16,0.12>, <0.15,0.24>, <0.12,0.28>, <0.14,0.31>, <0.11,0.31>, <0.1,0.26> translate <1.75, 0, -0.75> texture { Clay } }
lathe { cubic_spline 8, <0,0>, <0.08,0>, <0.12,0.09>, <0.11,0.18>, <0.09,0.21>, <0.11,0.24>, <0.08,0.24>, <0.07,0.2> translate <2.1, 0, -0.5> Glaze(<0.05,0.12,0.3>,<0.1,0.25,0.5>) }
union { box { <-0.8,0.42,-0.2>, <0.8,0.47,0.2> } box { <-0.7,0,-0.15>, <-0.6,0.42,0.15> } box { <0.6,0,-0.15>, <0.7,0.42,0.15> } texture { Wood rotate y*90 } rotate y*-18 translate <-2.9,0,1.9> }
