// Glazed pots on a white shelf, lit by a tall window out of frame on the left.
// Units are metres. The camera stands 1.9 m from the shelf; the frame is that of a 50 mm lens on 36x24 mm.
// Radiance comes out linear; the factor to cd/m2 is in scene.json.
#version 3.7;
global_settings {
  assumed_gamma 1.0
  max_trace_level 12
  #ifndef (Fog)
  radiosity {
    pretrace_start 0.08 pretrace_end 0.01
    count 260 nearest_count 12 error_bound 0.45
    recursion_limit 2 low_error_factor 0.5 gray_threshold 0.0 minimum_reuse 0.012 brightness 1.0
    normal on
  }
  #end
}
#include "functions.inc"

camera {
  perspective
  location <0.0, 0.34, -1.9>
  right x*1.5 up y
  look_at <0.0, 0.185, 0.0>
  angle 39.6
}

// The window: a tall soft source at the left, and the cool sky behind it.
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
light_source {
  <-2.3, 1.35, -1.15> color rgb <1.0, 0.955, 0.89>*1.55
  area_light <0, 0, 1.1>, <0, 1.5, 0>, 9, 9 adaptive 2 jitter circular orient
  fade_distance 2.4 fade_power 2
}
// The window as the glazes see it: panes with a cross of bars.
#macro Pane(X0, Y0) box { <X0, Y0, 0>, <X0+0.5, Y0+0.66, 0.004> pigment { rgb <0.9,0.95,1> } finish { emission 3.4 ambient 0 diffuse 0 } no_shadow } #end
union {
  Pane(-0.53, 0) Pane(0.03, 0) Pane(-0.53, 0.72) Pane(0.03, 0.72)
  rotate y*-62 translate <-2.35, 0.62, -1.2>
}
// A pale room: what is behind the camera fills the shadows.
sky_sphere { pigment { rgb <0.115, 0.12, 0.13> } }
#end

#declare Plaster = texture {
  pigment { bumps turbulence 0.6 scale 0.22 color_map { [0 rgb <0.825,0.815,0.79>] [1 rgb <0.855,0.847,0.825>] } }
  normal { average normal_map { [1 bumps 0.16 scale 0.013] [1 granite 0.05 scale 0.4] } }
  finish { diffuse 0.92 ambient 0 }
}
#declare Painted = texture {
  pigment { bumps turbulence 0.4 scale <0.9,0.05,0.05> color_map { [0 rgb <0.82,0.815,0.795>] [1 rgb <0.865,0.86,0.845>] } }
  normal { bumps 0.035 scale <0.35,0.012,0.012> }
  finish { diffuse 0.92 ambient 0 specular 0.10 roughness 0.06 }
}
plane { z, 0.30 inverse texture { Plaster } }
box { <-2.2,-0.036,-0.186>, <2.2,0,0.30> texture { Painted } }
cylinder { <-2.2,-0.018,-0.186>, <2.2,-0.018,-0.186>, 0.018 texture { Painted } }
// A second board below, so that the shelf reads as a shelf.
box { <-2.2,-0.60,-0.14>, <2.2,-0.56,0.30> texture { Painted } }

#macro Glaze(C1, C2, S, R)
  texture {
    pigment { gradient y turbulence 0.16 scale S color_map { [0 rgb C1] [0.55 rgb C1*0.55+C2*0.45] [1 rgb C2] } }
    normal { bumps 0.05 scale 0.022 }
    finish { diffuse 0.82 ambient 0 specular 0.55 roughness 0.004 reflection { 0.015, R fresnel on } conserve_energy }
  }
  interior { ior 1.52 }
#end
#declare Bisque = texture {
  pigment { granite turbulence 0.4 scale 0.06 color_map { [0 rgb <0.52,0.30,0.19>] [0.7 rgb <0.60,0.37,0.245>] [1 rgb <0.45,0.25,0.15>] } }
  normal { average normal_map { [1 bumps 0.35 scale 0.004] [1 gradient y 0.25 sine_wave scale 0.0065 turbulence 0.03] } }
  finish { diffuse 0.9 ambient 0 specular 0.03 roughness 0.2 }
}

// White porcelain bottle, tall and bright: the subject that fools the meter.
lathe { cubic_spline 11,
  <0.0,-0.01>, <0.058,0.0>, <0.078,0.05>, <0.088,0.12>, <0.072,0.19>, <0.034,0.245>, <0.021,0.29>, <0.023,0.325>, <0.033,0.345>, <0.029,0.347>, <0.017,0.32>
  Glaze(<0.84,0.835,0.81>, <0.88,0.88,0.865>, 0.4, 0.9) translate <-0.085, 0, 0.03> }

// Celadon bowl.
lathe { cubic_spline 10,
  <0.0,0.0>, <0.044,0.0>, <0.046,0.014>, <0.085,0.04>, <0.122,0.088>, <0.134,0.118>, <0.131,0.121>, <0.118,0.09>, <0.08,0.046>, <0.0,0.026>
  Glaze(<0.23,0.36,0.29>, <0.44,0.58,0.47>, 0.16, 0.9) translate <0.135, 0, -0.055> }

// Dark iron jar with a lid.
union {
  lathe { cubic_spline 9, <0.0,0.0>, <0.062,0.0>, <0.088,0.05>, <0.098,0.11>, <0.083,0.165>, <0.062,0.185>, <0.064,0.197>, <0.054,0.198>, <0.04,0.18> }
  lathe { cubic_spline 8, <0.0,0.19>, <0.066,0.194>, <0.068,0.2>, <0.046,0.217>, <0.018,0.228>, <0.012,0.236>, <0.019,0.252>, <0.0,0.262> }
  Glaze(<0.018,0.013,0.011>, <0.055,0.028,0.016>, 0.25, 1.0) translate <0.375, 0, 0.06> }

// Cobalt beaker, small, in front.
lathe { cubic_spline 9, <0.0,0.0>, <0.036,0.0>, <0.039,0.03>, <0.043,0.075>, <0.049,0.104>, <0.046,0.106>, <0.039,0.075>, <0.035,0.02>, <0.0,0.012>
  Glaze(<0.018,0.045,0.20>, <0.06,0.15,0.42>, 0.12, 1.0) translate <-0.29, 0, -0.075> }

// Raw clay jug with a handle.
union {
  lathe { cubic_spline 10, <0.0,0.0>, <0.066,0.0>, <0.092,0.06>, <0.095,0.12>, <0.07,0.178>, <0.054,0.215>, <0.064,0.246>, <0.059,0.248>, <0.048,0.215>, <0.05,0.17> }
  sphere_sweep { cubic_spline 7, <0.04,0.24,0>,0.011, <0.058,0.236,0>,0.011, <0.118,0.232,0>,0.0105, <0.148,0.175,0>,0.0098, <0.118,0.108,0>,0.0102, <0.085,0.086,0>,0.012, <0.06,0.09,0>,0.012 rotate y*38 }
  texture { Bisque } translate <-0.44, 0, 0.075> }

// Tall bottle at the far right, half in shadow, ash glaze running.
lathe { cubic_spline 10, <0.0,-0.01>, <0.052,0.0>, <0.068,0.07>, <0.071,0.15>, <0.052,0.215>, <0.024,0.25>, <0.02,0.285>, <0.03,0.305>, <0.026,0.306>, <0.014,0.28>
  texture {
    pigment { gradient y turbulence 0.35 scale <0.05,0.34,0.05> color_map { [0 rgb <0.30,0.20,0.11>] [0.5 rgb <0.42,0.33,0.18>] [0.62 rgb <0.34,0.36,0.24>] [1 rgb <0.52,0.52,0.38>] } }
    normal { bumps 0.08 scale 0.01 }
    finish { diffuse 0.85 ambient 0 specular 0.35 roughness 0.012 reflection { 0.01, 0.7 fresnel on } conserve_energy }
  }
  interior { ior 1.5 } translate <0.58, 0, 0.02> }

// Dry stems in the white bottle.
#declare R = seed(41);
#macro Stem(A, B, H, D)
  union {
    sphere_sweep { b_spline 5, <0,0.2,0>,0.0016, <0,0.30,0>,0.0016, <A*0.3,0.30+H*0.35,B*0.3>,0.0014, <A*0.75,0.30+H*0.75,B*0.7>,0.0011, <A*1.1,0.30+H*1.08,B>,0.0008 }
    #for (I, 0, D)
      #local T = 0.42 + 0.58*I/D;
      sphere { 0, 0.0062 scale <1, 1.7+rand(R), 0.75> rotate <rand(R)*70-35, rand(R)*360, rand(R)*70-35>
        translate <A*(0.78*T*T+0.14*T)+ (rand(R)-0.5)*0.03, 0.30+H*(0.86*T)+(rand(R)-0.5)*0.016, B*0.7*T+(rand(R)-0.5)*0.03> }
    #end
    texture { pigment { granite scale 0.02 color_map { [0 rgb <0.34,0.25,0.13>] [1 rgb <0.50,0.40,0.24>] } } finish { diffuse 0.85 ambient 0 } }
    translate <-0.085, 0, 0.03>
  }
#end
Stem(0.10, 0.02, 0.17, 17)
Stem(-0.075, -0.03, 0.20, 15)
Stem(0.02, 0.05, 0.22, 13)
