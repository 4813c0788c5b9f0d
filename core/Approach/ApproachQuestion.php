<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/**
 * The questions that an approach answers, each with what the answer changes.
 *
 * @phpstan-type ExposureAnswer Start|IsoSetting|Protects|LowestIso|WideRange|Exposing|FilmRating
 * @phpstan-type PictureAnswer LandscapeAperture|PlacingSubject|WhiteBalanceSetting|Focusing|HandHeldRule|Sharpness
 * @phpstan-type ApproachAnswer ExposureAnswer|PictureAnswer
 */
enum ApproachQuestion: string
{
    case Start = 'start';
    case Iso = 'iso';
    case Protects = 'protects';
    case LowestIso = 'lowestIso';
    case LandscapeAperture = 'landscapeAperture';
    case WideRange = 'wideRange';
    case Placing = 'placing';
    case WhiteBalance = 'whiteBalance';
    case Focusing = 'focusing';
    case Exposing = 'exposing';
    case FilmRating = 'filmRating';
    case HandHeld = 'handHeld';
    case Movement = 'movement';

    public function label(): string
    {
        return match ($this) {
            self::Start => 'Beginners start with',
            self::Iso => 'ISO is',
            self::Protects => 'Exposure protects',
            self::LowestIso => 'The lowest ISO is',
            self::LandscapeAperture => 'The aperture for landscapes is',
            self::WideRange => 'A scene with more range than the sensor gets',
            self::Placing => 'The subject goes',
            self::WhiteBalance => 'White balance is',
            self::Focusing => 'What stays in place is focused by',
            self::Exposing => 'Raw is exposed',
            self::FilmRating => 'Negative film is exposed',
            self::HandHeld => 'Hands are judged by',
            self::Movement => 'What moves must be sharp',
        };
    }

    /** What the answer changes, in two lines. */
    public function about(): string
    {
        return match ($this) {
            self::Start => 'Decides how full automatic is taken: where a course begins in automatic it is no fault '.
                'yet. Where it begins in manual, suggestions are given as values to set by hand.',
            self::Iso => 'Decides whether an ISO above what the light needed, and automatic ISO in manual, are a '.
                'decision of the student or of how automatic ISO was set up.',
            self::Protects => 'Decides whether lost highlights or blocked shadows in the subject weigh harder. Where '.
                'mid-tones are protected, JPEG alone is no fault.',
            self::LowestIso => 'Decides whether an extended ISO below base is a fault, since the sensor is full '.
                'before the picture is, or simply the longest time to be had.',
            self::LandscapeAperture => 'Decides how diffraction at small apertures is taken: as a cost to put right, '.
                'or as one that is chosen with open eyes and only shown.',
            self::WideRange => 'Decides what is suggested first where highlights and shadows do not fit together into '.
                'one frame; the other ways are named in one line.',
            self::Placing => 'Decides whether a subject in the middle is a weakness as long as no reason is given for '.
                'it, or is only asked for its reason as any other place is.',
            self::WhiteBalance => 'Decides whether automatic white balance is pointed out: it changes from frame to '.
                'frame, which raw files forgive and rows of JPEGs do not.',
            self::Exposing => 'Decides whether unused room at the bright end of a raw frame is pointed out: light '.
                'that would have made the shadows cleaner.',
            self::FilmRating => 'Decides whether a negative film that got up to a stop more light than its box asks '.
                'for is pointed out.',
            self::HandHeld => 'Decides how long hands are taken to hold still, in findings, checks and suggestions.',
            self::Movement => 'Decides how short a time people, animals, flowers in wind and sport are given, in '.
                'findings, checks and suggestions: a stop or so either way.',
            self::Focusing => 'Decides which focus mode is pointed out on things that stay where they are. Movement '.
                'and stars have rules of their own, whatever is chosen here.',
        };
    }

    /** @return array<string, string> words by choice */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->answers() as $case) {
            $choices[$case->value] = $case->label();
        }

        return $choices;
    }

    public function of(Approach $approach): string
    {
        return match ($this) {
            self::Start => $approach->start->value,
            self::Iso => $approach->light->iso->value,
            self::Protects => $approach->light->protects->value,
            self::LowestIso => $approach->light->lowestIso->value,
            self::LandscapeAperture => $approach->picture->landscapeAperture->value,
            self::WideRange => $approach->light->wideRange->value,
            self::Placing => $approach->picture->placing->value,
            self::WhiteBalance => $approach->picture->whiteBalance->value,
            self::Focusing => $approach->picture->focusing->value,
            self::Exposing => $approach->light->exposing->value,
            self::FilmRating => $approach->light->filmRating->value,
            self::HandHeld => $approach->handHeld->value,
            self::Movement => $approach->movement->value,
        };
    }

    /** @return list<ApproachAnswer> */
    private function answers(): array
    {
        return match ($this) {
            self::Start => Start::cases(),
            self::Iso => IsoSetting::cases(),
            self::Protects => Protects::cases(),
            self::LowestIso => LowestIso::cases(),
            self::LandscapeAperture => LandscapeAperture::cases(),
            self::WideRange => WideRange::cases(),
            self::Placing => PlacingSubject::cases(),
            self::WhiteBalance => WhiteBalanceSetting::cases(),
            self::Focusing => Focusing::cases(),
            self::Exposing => Exposing::cases(),
            self::FilmRating => FilmRating::cases(),
            self::HandHeld => HandHeldRule::cases(),
            self::Movement => Sharpness::cases(),
        };
    }
}
