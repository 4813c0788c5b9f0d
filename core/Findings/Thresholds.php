<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

/**
 * Where measures of pixels begin to mean something. All in one place, each with its reason; what pixels decide is never
 * certain, so each finding that uses one says how sure it is.
 */
final class Thresholds
{
    /** Degrees of tilt that most people notice against a frame edge. */
    public const TILT_SEEN = 0.7;

    /** Degrees from which it disturbs at first sight. */
    public const TILT_DISTURBS = 2.0;

    /** Degrees from which a tilt reads as meant. */
    public const TILT_MEANT = 9.0;

    /**
     * Sharpness, as EdgeBlur::sharpness() has it, from which a subject is called sharp: edges spread by 1.3 pixels of
     * 1600, about four circles of confusion.
     */
    public const SHARP = 0.52;

    /** Sharpness below which a subject is called soft: edges spread by 1.9 pixels of 1600. */
    public const SUBJECT_SOFT = 0.39;

    /** The same, plainly: 2.4 pixels. */
    public const SUBJECT_LOST = 0.32;

    /** Of the edges of a subject, the share that must be crisp before the focus is praised. */
    public const CRISP_SHARE = 0.4;

    /** Sharpness of the sharpest part below which nothing in the picture is crisp: 1.1 pixels of 1600. */
    public const SOFT = 0.59;

    /** Share of the sharpness round it below which an eye looks out of focus. */
    public const EYE_MISSED = 0.7;

    /** Share from which it counts as sharp as what lies round it. */
    public const EYE_HELD = 0.85;

    /** Part of the frame that must have texture before sharpness is judged. */
    public const FOCUS_CONFIDENCE = 0.2;

    /** % of the frame under which a declared subject is lost in it. */
    public const SUBJECT_SMALL = 2.0;

    /** % of the frame over which a subject has no room left. */
    public const SUBJECT_LARGE = 70.0;

    /** Share of the frame's side under which a subject stands against the edge. */
    public const EDGE_NEAR = 0.02;

    /** % of the frame that a plain area must take before it is empty space to speak of. */
    public const EMPTY = 33.0;

    /** Stops of mean tone by which two neighbouring layers are told apart at a glance. */
    public const LAYERS_PART = 2 / 3;

    /** Stops of red against blue by which two marked areas differ as under two lights: shade and sun are about 0.7. */
    public const TWO_LIGHTS = 0.6;

    /** Stops by which the grey of one view wanders visibly from frame to frame; a fifth of sun against lamps. */
    public const CAST_WANDERS = 0.25;

    /** Kinds of change between frames of one subject from which a scene has been worked. */
    public const SCENE_CHANGES = 3;

    /** % of the frame up to which a figure that is meant to be small still is. */
    public const FIGURE_SMALL = 8.0;

    /** % of the frame under which a small figure is no longer found. */
    public const FIGURE_LOST = 0.2;

    /** Strength times length of a run at the edge that pulls the eye. */
    public const EDGE_PULL = 0.05;

    /** Weight of the second centre of attention against the first from which the two compete. */
    public const COMPETES = 0.8;

    /** Share of the frame's width between the balance of attention and the subject that leaves it to one side. */
    public const UNBALANCED = 0.36;

    /** Correlation with its mirror image, apart from what mirrors by itself, from which a picture is symmetrical. */
    public const SYMMETRICAL = 0.62;

    /** Share of the width by which an axis of symmetry may miss the middle before the eye sees it. */
    public const AXIS_OFF = 0.012;

    /** Degrees of convergence from side to side that make buildings fall backwards. */
    public const CONVERGING = 3.0;

    /** % of the diagonal within which a subject stands where an idea has it. */
    public const IDEA_KEPT = 5.0;

    /** Of the length of all straight edges, the part that leads to the subject from which they do it together. */
    public const LEADING = 0.6;

    /** Share of the diagonal within which a line of the background and the outline of the subject become one. */
    public const MERGES = 0.012;

    /** % of the subject that must lie within what frames it. */
    public const SURROUNDED = 95.0;

    /**
     * % of all attention that a marked distraction takes, from which it competes; the mean of an even picture of that
     * size.
     */
    public const DISTRACTS = 2.0;

    /** Room ahead of a subject against the room behind it, under which it looks out of the picture. */
    public const LOOK_ROOM_SHORT = 0.8;

    /** The same, from which it has somewhere to look or go. */
    public const LOOK_ROOM_GIVEN = 1.25;

    /** Share of the frame's height above a person that is more than a head needs. */
    public const HEAD_ROOM = 0.3;

    /** Stops of red over blue (or green over both) in what should be neutral. */
    public const CAST = 0.35;

    /** % of the frame in which colour has nothing left to differ by. */
    public const OVER_SATURATED = 7.5;

    /** % of all colour in one hue that makes a picture of it. */
    public const ONE_HUE = 80.0;

    /** Stops by which both upper corners are darker than the plain ground between them. */
    public const DARK_CORNERS = 1.0;

    /** Overshoot on both sides of strong edges, as a share of the step, that the eye sees as a glow. */
    public const HALO = 0.07;

    /** Stops of room above the brightest thousandth that raw could have used. */
    public const HEADROOM = 1.0;

    /** The same to the end of the sensor, which a raw file tells without a doubt. */
    public const RAW_HEADROOM = 0.66;

    /** Stops between the twentieth parts at both ends under which light is flat. */
    public const FLAT = 1.6;

    /** % of the codes between dark and bright that no pixel has: a picture pulled apart too far. */
    public const BANDING = 8.0;

    /** % of the codes of a channel that no pixel has, from which smooth tones are sure to show steps. */
    public const POSTERISED = 20.0;

    /** % of a frame lost or blocked that another frame of a bracket should hold. */
    public const END_OPEN = 0.3;

    /** Stops of the lightest part of an eye under the mean of the face, from which the eye lies in shadow. */
    public const EYE_DARK = -0.8;

    /** Stops by which a face may be darker than the picture round it. */
    public const DARK_FACE = 1.0;

    /** Stops between what two metering patterns say from which it matters which was set. */
    public const PATTERNS_DIFFER = 1.0;
}
