<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

/** The questions that an approach answers, each with what the answer changes. */
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
            self::Protects => 'Decides how hard lost highlights in the subject weigh, and whether unused room at the '.
                'bright end is pointed out. Where mid-tones are protected, JPEG alone is no fault.',
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
            self::Iso => $approach->iso->value,
            self::Protects => $approach->protects->value,
            self::LowestIso => $approach->lowestIso->value,
            self::LandscapeAperture => $approach->landscapeAperture->value,
            self::WideRange => $approach->wideRange->value,
            self::Placing => $approach->placing->value,
            self::WhiteBalance => $approach->whiteBalance->value,
            self::Focusing => $approach->focusing->value,
        };
    }

    /**
     * @return list<
     *     Start|IsoSetting|Protects|LowestIso|LandscapeAperture|WideRange|PlacingSubject|WhiteBalanceSetting|Focusing
     * >
     */
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
        };
    }
}
