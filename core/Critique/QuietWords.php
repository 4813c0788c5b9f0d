<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Measures\FrameMeasures;

/** Of a picture of which nothing was said: what holds it, as far as that is measured, and what to try next. */
final class QuietWords
{
    /** Stops by which a subject and what lies round it part at a glance. */
    private const PARTS = 1.3;

    /** Shares of the frame between which a subject stands before something, %. */
    private const STANDS = [1.0, 50.0];

    /** Share of all attention with which a subject holds a picture. */
    private const HOLDS = 0.35;

    /** @return ?string null where nothing measured tells */
    public static function holds(FrameMeasures $measures): ?string
    {
        $apart = self::apart($measures);

        return match (true) {
            $apart !== null && $apart >= self::PARTS => sprintf(
                'The subject is %s lighter than what lies round it: the eye goes there first.',
                Stops::of($apart)->inWords(),
            ),
            $apart !== null && $apart <= -self::PARTS => sprintf(
                'The subject stands %s darker than what lies round it: its outline carries the picture.',
                Stops::of(-$apart)->inWords(),
            ),
            self::drawsTheEye($measures) => 'What draws the eye in this picture is its subject; nothing round it asks '.
                'for as much.',
            default => null,
        };
    }

    /** One thing to try with a subject of a kind; an act, and no setting. */
    public static function next(?SubjectKind $kind): string
    {
        return match ($kind) {
            SubjectKind::Person => 'Ask for one more with the face turned a little towards the light, and one with '.
                'the eyes on something outside of the picture.',
            SubjectKind::People => 'Wait until they have forgotten you, and take the moment in which two of them look '.
                'at each other.',
            SubjectKind::Child, SubjectKind::Animal => 'Kneel down until you see eye to eye, and stay there for ten '.
                'frames.',
            SubjectKind::Bird => 'Stay where you are and wait for it to turn its head: light in the eye makes it live.',
            SubjectKind::Walker, SubjectKind::Runner, SubjectKind::Cyclist, SubjectKind::Vehicle => 'Take one along '.
                'with it at 1/30 s, so that what lies behind streaks.',
            SubjectKind::Stage => 'Take what happens between two gestures, too: a face that listens.',
            SubjectKind::View, SubjectKind::NightSky => 'Find something for the near third, and take it again from '.
                'as low as it needs.',
            SubjectKind::Water => 'Take it once as a moment and once as a flow, and hang both side by side.',
            SubjectKind::Plant => 'Walk round it once: the same leaf with the light behind it is another picture.',
            SubjectKind::Room => 'Stand in a corner, then in the door, and see which of the two tells who lives here.',
            default => 'Take it once more from a step to the side and once from half as far, and keep the one that '.
                'holds you longest.',
        };
    }

    private static function drawsTheEye(FrameMeasures $measures): bool
    {
        return ($measures->composition?->attention->subjectShare ?? 0.0) >= self::HOLDS;
    }

    /** Stops by which the subject is lighter than the rest of the frame; null where that says nothing. */
    private static function apart(FrameMeasures $measures): ?float
    {
        $subject = $measures->subject;
        $share = $subject?->sharePct() ?? 0.0;
        if ($subject === null || $share < self::STANDS[0] || $share > self::STANDS[1]) {
            return null;
        }
        // The frame's mean light is that of the subject and of the rest, by their shares.
        $light = 2 ** $subject->own()->meanStops;
        $rest = (2 ** $measures->tone->meanStops - $light * $share / 100) / (1 - $share / 100);

        return $rest <= 0.0 ? null : log($light / $rest, 2);
    }
}
