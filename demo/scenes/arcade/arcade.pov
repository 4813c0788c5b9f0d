// The arcade: eight bays of arches, chequered tiles, afternoon sun through the openings on the right.
// Units are metres. The frame is that of a 24 mm lens on 36x24 mm, at eye height.
#version 3.7;
global_settings {
  assumed_gamma 1.0
  max_trace_level #ifdef (Fog) 1 #else 8 #end
  #ifndef (Fog)
  radiosity {
    pretrace_start 0.08 pretrace_end 0.01
    count 420 nearest_count 16 error_bound 0.3
    recursion_limit 3 low_error_factor 0.5 gray_threshold 0.0 minimum_reuse 0.012 brightness 1.0
  }
  #end
}
camera {
  perspective
  location <0.0, 1.55, -2.2>
  right x*1.5 up y
  look_at <0.0, 1.72, 20.0>
  angle 73.7
}
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
light_source { <60, 45, 36> color rgb <1.0, 0.93, 0.80>*5.2
  area_light <1.6,0,0>, <0,0,1.6>, 4, 4 adaptive 1 jitter circular orient }
sky_sphere { pigment { gradient y color_map { [0 rgb <0.92,0.95,1.0>*1.25] [0.35 rgb <0.50,0.66,0.92>*1.0] [1 rgb <0.25,0.42,0.78>*0.85] } } }
#end

#declare Bay = 3.0;
#declare Half = 2.1;
#declare Wall = 0.55;

#declare BrickTone = texture {
  pigment { brick
    pigment { bumps scale 0.03 color_map { [0 rgb <0.40,0.31,0.25>] [1 rgb <0.48,0.38,0.31>] } },
    pigment { cells scale <0.22,0.073,0.11> turbulence 0 color_map { [0 rgb <0.37,0.19,0.125>] [0.5 rgb <0.46,0.235,0.15>] [1 rgb <0.32,0.165,0.115>] } }
    brick_size <0.22,0.073,0.11> mortar 0.010 }
  normal { average normal_map { [1 brick 0.5 brick_size <0.22,0.073,0.11> mortar 0.010] [0.8 bumps 0.5 scale 0.01] } }
  finish { diffuse 0.85 ambient 0 }
}
#declare Lime = texture {
  pigment { granite turbulence 0.5 scale 1.6 color_map { [0 rgb <0.70,0.64,0.545>] [0.6 rgb <0.78,0.73,0.64>] [1 rgb <0.62,0.56,0.47>] } }
  normal { average normal_map { [1 bumps 0.25 scale 0.02] [1 granite 0.14 scale 0.7] } }
  finish { diffuse 0.88 ambient 0 }
}
#declare Stone = texture {
  pigment { granite turbulence 0.3 scale 0.35 color_map { [0 rgb <0.52,0.50,0.46>] [1 rgb <0.64,0.62,0.57>] } }
  normal { bumps 0.2 scale 0.012 }
  finish { diffuse 0.88 ambient 0 specular 0.05 roughness 0.1 }
}

// Floor: worn chequer tiles, a little gloss where feet have polished them.
plane { y, 0
  texture {
    pigment { checker
      pigment { granite scale 0.4 color_map { [0 rgb <0.66,0.60,0.50>] [1 rgb <0.76,0.71,0.62>] } },
      pigment { granite scale 0.4 color_map { [0 rgb <0.055,0.05,0.048>] [1 rgb <0.11,0.10,0.095>] } }
      scale 0.7 translate <0.35,0,0.05> }
    normal { bumps 0.03 scale 0.5 }
    finish { diffuse 0.88 ambient 0 specular 0.12 roughness 0.02 reflection { 0.005, 0.24 } }
  }
}

// The yard outside is raked gravel, one step down.
box { <2.5, -0.2, -12>, <40, 0.004, 60> texture { pigment { granite scale 0.25 color_map { [0 rgb <0.50,0.44,0.35>] [1 rgb <0.68,0.62,0.52>] } } normal { bumps 0.7 scale 0.025 } finish { diffuse 0.85 ambient 0 } } }

// One wall with its arches; the near side of bay 0 starts behind the camera.
#macro ArchWall(X)
  difference {
    box { <X-Wall/2, 0, -6>, <X+Wall/2, 3.75, 24> }
    #for (B, -2, 7)
      #local Z = B*Bay + 1.5;
      box { <X-Wall, -0.01, Z-1.05>, <X+Wall, 2.15, Z+1.05> }
      cylinder { <X-Wall, 2.15, Z>, <X+Wall, 2.15, Z>, 1.05 }
    #end
    texture { BrickTone rotate y*90 }
  }
  #for (B, -2, 7)
    #local Z = B*Bay;
    // plinth, impost
    box { <X-Wall/2-0.05, 0, Z-0.50>, <X+Wall/2+0.05, 0.32, Z+0.50> texture { Stone translate B } }
    box { <X-Wall/2-0.06, 2.06, Z-0.51>, <X+Wall/2+0.06, 2.17, Z+0.51> texture { Stone translate B*3 } }
    // archivolt
    difference {
      cylinder { <X-Wall/2-0.045, 2.17, Z+1.5>, <X+Wall/2+0.045, 2.17, Z+1.5>, 1.20 }
      cylinder { <X-Wall, 2.17, Z+1.5>, <X+Wall, 2.17, Z+1.5>, 1.05 }
      box { <X-Wall, 0, Z>, <X+Wall, 2.17, Z+3> }
      texture { Stone translate B*5 }
    }
  #end
#end
ArchWall(Half)
// The left side is the old tile store: same arches, walled up behind.
ArchWall(-Half)
box { <-Half-Wall/2-0.9, 0, -6>, <-Half-Wall/2-0.7, 4, 24> texture { Lime } }

// Barrel vault with transverse ribs.
difference {
  box { <-Half-Wall/2, 3.0, -6>, <Half+Wall/2, 5.6, 24> }
  cylinder { <0, 3.0, -7>, <0, 3.0, 25>, Half-Wall/2 }
  texture { Lime }
}
#for (B, -1, 8)
  difference {
    cylinder { <0, 3.0, B*Bay-0.17>, <0, 3.0, B*Bay+0.17>, Half }
    cylinder { <0, 3.0, B*Bay-0.3>, <0, 3.0, B*Bay+0.3>, Half-Wall/2-0.11 }
    box { <-4, 0, B*Bay-1>, <4, 3.0, B*Bay+1> }
    texture { Stone translate B*2 }
  }
#end
// Far end: a doorway onto the bright court, with a wall beyond in sun.
difference {
  box { <-Half, 0, 24>, <Half, 5.2, 24.4> }
  box { <-0.95, -0.1, 23>, <0.95, 2.3, 25> }
  cylinder { <0, 2.3, 23>, <0, 2.3, 25>, 0.95 }
  texture { BrickTone }
}
box { <-9, 0, 36>, <9, 5.5, 36.5> texture { Lime } }
// Outside on the right: pale yard wall and a hedge that throw light back in.
box { <16, 0, -10>, <16.4, 3.4, 40> texture { Lime } }
#declare Rh = seed(9);
#for (I, 0, 150)
  sphere { 0, 0.34+0.3*rand(Rh) scale <1,0.85,1> translate <11.5+1.3*rand(Rh), 0.25+0.75*rand(Rh), -6+I*0.2>
    texture { pigment { granite scale 0.12 color_map { [0 rgb <0.035,0.075,0.02>] [1 rgb <0.12,0.20,0.06>] } } normal { granite 1.2 scale 0.1 } finish { diffuse 0.8 ambient 0 } } }
#end

// The subject: a tall white urn on a low plinth, on the axis, in the shade of the fifth bay.
union {
  box { <-0.30, 0, -0.30>, <0.30, 0.42, 0.30> texture { Stone } }
  lathe { cubic_spline 10, <0.0,0.41>, <0.12,0.42>, <0.11,0.47>, <0.20,0.62>, <0.26,0.82>, <0.22,1.0>, <0.13,1.08>, <0.15,1.15>, <0.13,1.155>, <0.08,1.08>
    texture { pigment { rgb <0.80,0.795,0.77> } finish { diffuse 0.85 ambient 0 specular 0.35 roughness 0.01 reflection { 0.01, 0.6 fresnel on } conserve_energy } } interior { ior 1.5 } }
  translate <0, 0, 7.4>
}
// Crates and stacked tiles by the left wall, for scale.
#declare Rt = seed(77);
#for (I, 0, 9)
  box { <-0.15,0,-0.15>, <0.15,0.03,0.15> rotate y*(rand(Rt)*10-5) translate <-1.45, 0.031*I, 4.4>
    texture { pigment { granite scale 0.2 color_map { [0 rgb <0.42,0.19,0.11>] [1 rgb <0.55,0.28,0.17>] } } normal { bumps 0.2 scale 0.01 } finish { diffuse 0.85 ambient 0 } } }
#end
box { <-0.34,0,-0.24>, <0.34,0.40,0.24> rotate y*12 translate <-1.42, 0, 5.35>
  texture { pigment { wood turbulence 0.06 scale <0.05,0.05,0.8> rotate y*90 color_map { [0 rgb <0.33,0.21,0.115>] [1 rgb <0.22,0.135,0.07>] } } normal { wood 0.3 scale <0.05,0.05,0.8> rotate y*90 } finish { diffuse 0.85 ambient 0 } } }
