// The throwing wheel by the workshop window: a bowl half thrown, wet, on a turning wheel head.
// The bowl and wheel head are rendered in plain grey: the camera lays a turning texture over them. Declare=Part=2 and 3 render
// where on them each pixel lies (angle, then height or radius), so that the texture can be turned and streaked truly.
#version 3.7;
#ifndef (Part) #declare Part = 0; #end
global_settings { assumed_gamma 1.0 max_trace_level #ifdef (Fog) 1 #else #if (Part < 2) 6 #else 1 #end #end #include "kilnyard.inc" #ifndef (Fog) #if (Part < 2) Radiosity(130, 0.5) #end #end }
camera { perspective location <0.10, 1.36, -1.30> right x*1.5 up y look_at <0.08, 0.86, 0.1> angle 54.43 }
#ifdef (Fog) fog { distance Fog color rgb 1 } #else
#if (Part < 2)
  // Daylight from the tall window on the left, a little warm bounce from the room.
  light_source { <-2.6, 2.1, 0.3> color rgb <0.93,0.97,1>*2.6 area_light <0,1.3,0>,<0,0,1.5>,7,7 adaptive 1 jitter fade_distance 2.4 fade_power 2 }
  light_source { <1.9, 2.5, -1.6> color rgb <1,0.82,0.6>*0.22 area_light <0.8,0,0>,<0,0,0.8>,4,4 adaptive 1 jitter fade_distance 2.4 fade_power 2 }
#end
#end
#declare WheelTop = 0.72;
#declare Bowl = lathe {
  cubic_spline 21,
  <0.02,-0.01>, <0.0001,0.0>, <0.075,0.0>, <0.082,0.012>, <0.085,0.03>, <0.104,0.06>, <0.131,0.098>, <0.146,0.140>, <0.150,0.176>, <0.149,0.198>, <0.153,0.210>, <0.151,0.217>, <0.145,0.216>,
  <0.140,0.198>, <0.139,0.170>, <0.134,0.138>, <0.118,0.098>, <0.09,0.062>, <0.05,0.038>, <0.0001,0.034>, <-0.02,0.034>
  translate y*WheelTop }
#declare Head = union {
  cylinder { <0,WheelTop-0.025,0>, <0,WheelTop,0>, 0.195 }
  torus { 0.188, 0.008 translate y*(WheelTop-0.004) }
}
#declare Turning = union { object { Bowl } object { Head } }
#declare SlipFinish = finish { diffuse 0.82 ambient 0 specular 0.55 roughness 0.012 reflection { 0.006, 0.16 } }
#if (Part = 2 | Part = 3)
  #if (Part = 2)
    #declare Where = pigment { function { (atan2(x, z) + pi)/(2*pi) } color_map { [0 rgb 0] [1 rgb 1] } }
  #else
    // Height on the bowl fills the upper half of the texture, radius on the wheel head the lower.
    #declare Where = pigment { function { select(y - 0.7265, 0.5*min(1, sqrt(x*x + z*z)/0.2), 0.5 + 0.5*min(1, (y - 0.72)/0.22)) } color_map { [0 rgb 0] [1 rgb 1] } }
  #end
  object { Turning pigment { Where } finish { emission 1 diffuse 0 ambient 0 } }
#else
  object { Turning
    texture {
      pigment { rgb 0.42 }
      normal { average normal_map { [1 gradient y 0.10 sine_wave scale 0.016] [0.4 bumps 0.1 scale 0.008] } }
      finish { SlipFinish }
    } }
#end
union {
  // Splash pan
  difference {
    superellipsoid { <0.35,0.35> scale <0.36,0.09,0.33> translate <0.02,0.70,0.02> }
    superellipsoid { <0.35,0.35> scale <0.315,0.2,0.285> translate <0.02,0.86,0.02> }
    box { <-1,0.748,-1>, <1,1,1> }
    Painted(<0.30,0.36,0.38>)
  }
  // Body of the wheel, legs, shaft
  box { <-0.30,0.48,-0.22>, <0.34,0.615,0.3> Painted(<0.17,0.22,0.24>) }
  #for (I, 0, 3) box { <-0.03,0,-0.03>, <0.03,0.5,0.03> translate <-0.26+0.56*mod(I,2),0,-0.18+0.42*floor(I/2)> Painted(<0.12,0.13,0.14>) } #end
  // Table behind with bats, water bucket, sponge, tools and drying bowls
  box { <-1.6,0.70,0.72>, <2.4,0.76,1.5> texture { Wood rotate y*90 } }
  difference { cylinder { <0.62,0.76,1.0>, <0.62,1.0,1.0>, 0.13 } cylinder { <0.62,0.78,1.0>, <0.62,1.1,1.0>, 0.122 } Painted(<0.11,0.25,0.30>) }
  cylinder { <0.62,0.78,1.0>, <0.62,0.95,1.0>, 0.123 texture { pigment { rgb <0.25,0.2,0.15> } finish { diffuse 0.7 ambient 0 specular 0.6 roughness 0.005 reflection { 0.03, 0.5 } } } }
  sphere { 0, 1 scale <0.06,0.035,0.05> translate <0.36,0.79,0.92> texture { pigment { granite scale 0.02 color_map { [0 rgb <0.62,0.5,0.22>] [1 rgb <0.75,0.63,0.33>] } } normal { crackle 0.6 scale 0.008 } finish { diffuse 0.85 ambient 0 } } }
  #for (I, 0, 4) lathe { cubic_spline 9, <0,0>, <0.05,0>, <0.055,0.015>, <0.095,0.06>, <0.115,0.11>, <0.12,0.125>, <0.112,0.126>, <0.09,0.07>, <0.0,0.03> scale <1,0.85+0.1*mod(I,2),1> translate <-1.0+0.3*I,0.76,1.18+0.05*mod(I*3,2)> texture { Clay translate I } } #end
  #for (I, 0, 3) cylinder { <0,0,0>, <0,0.24,0>, 0.006 rotate z*(-14+9*I) rotate x*(6-5*I) translate <0.95,0.86,1.02> texture { Wood rotate x*90 } } #end
  difference { cylinder { <0.95,0.76,1.02>, <0.95,0.9,1.02>, 0.05 } cylinder { <0.95,0.78,1.02>, <0.95,1,1.02>, 0.044 } Glaze(<0.55,0.52,0.45>,<0.2,0.3,0.34>) }
  // Wall with shelves of bisque, window reveal
  box { <-4,0,2.3>, <5,3.4,2.4> texture { Lime } }
  #for (S, 0, 1)
    box { <-0.9,1.25+0.5*S,2.02>, <3.2,1.29+0.5*S,2.3> texture { Wood rotate y*90 translate S } }
    #for (I, 0, 11) #if (mod(I*7+S*3,5) != 2)
      lathe { cubic_spline 9, <0,0>, <0.07,0>, <0.08,0.015>, <0.11+0.02*mod(I*5+S,3),0.10>, <0.10,0.19>, <0.07,0.23>, <0.075,0.25>, <0.065,0.25>, <0.0,0.2> scale <0.9,0.8+0.13*mod(I*3+S,4),0.9> translate <-0.75+0.33*I,1.29+0.5*S,2.16>
      texture { pigment { rgb <0.62,0.50,0.40>*(0.85+0.08*mod(I+S,4)) } normal { bumps 0.1 scale 0.02 } finish { diffuse 0.85 ambient 0 } } }
    #end #end
  #end
  plane { y, 0 texture {
    pigment { checker pigment { granite scale 0.3 color_map { [0 rgb <0.20,0.17,0.145>] [1 rgb <0.28,0.235,0.195>] } } pigment { granite scale 0.3 color_map { [0 rgb <0.25,0.21,0.175>] [1 rgb <0.33,0.275,0.225>] } } scale 0.4 rotate y*12 }
    normal { bumps 0.1 scale 0.03 } finish { diffuse 0.85 ambient 0 specular 0.1 roughness 0.03 } } }
  box { <-3.2,0,-4>, <-3.1,0.7,3> texture { Lime } } box { <-3.2,2.9,-4>, <-3.1,4,3> texture { Lime } } box { <-3.2,0,1.3>, <-3.1,4,3> texture { Lime } }
  box { <5,0,-5>, <5.1,4,3> texture { Lime } } box { <-4,3.4,-5>, <5.1,3.5,3> texture { Lime } } box { <-4,0,-5>, <5.1,4,-4.9> texture { Lime } }
}
#ifndef (Fog) #if (Part < 2) sky_sphere { pigment { rgb <0.75,0.87,1>*1.2 } } #end #end
