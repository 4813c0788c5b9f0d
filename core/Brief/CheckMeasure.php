<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Sky\LightDirection;

/** What a check can look at: what was recorded, what the pixels say, and how the two meet what was intended. */
enum CheckMeasure: string
{
    case Mode = 'record.mode';
    case Metering = 'record.metering';
    case Support = 'record.support';
    case Flash = 'record.flash';
    case WhiteBalance = 'record.whiteBalance';
    case Kelvin = 'record.kelvin';
    case FNumber = 'record.fNumber';
    case ExposureTime = 'record.exposureTime';
    case Iso = 'record.iso';
    case Compensation = 'record.compensation';
    case FocalLength35 = 'record.focalLength35';
    case IsoSlack = 'record.isoSlack';
    case ShakeRoom = 'record.shakeRoom';
    case MovementBandError = 'movement.bandError';
    case StarRoom = 'stars.room';
    case MeanStops = 'tone.meanStops';
    case UsedStops = 'tone.usedStops';
    case BrightEnd = 'tone.p99Stops';
    case LostHighlights = 'tone.lostHighlightsPct';
    case BlockedShadows = 'tone.blockedShadowsPct';
    case PlacementError = 'subject.placementError';
    case SubjectMean = 'subject.meanStops';
    case SubjectLostHighlights = 'subject.lostHighlightsPct';
    case SubjectBlockedShadows = 'subject.blockedShadowsPct';
    case SubjectShare = 'subject.sharePct';
    case SubjectSharpness = 'focus.subjectSharpness';
    case SubjectRatio = 'focus.subjectRatio';
    case EyeSharpness = 'focus.eyeSharpness';
    case EyeRatio = 'focus.eyeRatio';
    case EyeLight = 'subject.eyeLightStops';
    case SubjectBurnt = 'subject.burntPct';
    case Tilt = 'composition.tiltDeg';
    case Symmetry = 'composition.symmetry';
    case EdgeDistractions = 'composition.edges';
    case Layers = 'composition.layers';
    case LayerStep = 'composition.layerStep';
    case OverSaturated = 'colour.overSaturatedPct';
    case RawHeadroom = 'raw.headroomStops';
    case RawLost = 'raw.lostPct';
    case RawSubjectLost = 'raw.subjectLostPct';
    case FileFormat = 'record.fileFormat';
    case ColourSpace = 'record.colourSpace';
    case FocusMode = 'record.focusMode';
    case SeriesFrames = 'series.frames';
    case SeriesMoving = 'series.moving';
    case SeriesExposureRange = 'series.exposureRange';
    case SeriesApertureRange = 'series.apertureRange';
    case SeriesTimeRange = 'series.timeRange';
    case SeriesIsoRange = 'series.isoRange';
    case SeriesStepError = 'series.stepError';
    case SeriesGap = 'series.longestGap';
    case SeriesShift = 'series.shiftPct';
    case SeriesCovered = 'series.coveredStops';
    case SeriesLost = 'series.lostPct';
    case SeriesFocalRange = 'series.focalRange';
    case SceneChanges = 'series.changes';
    case DistanceRatio = 'series.distanceRatio';
    case HeightRange = 'series.heightRange';
    case SubjectRange = 'series.subjectRange';
    case Lights = 'series.lights';
    case Facings = 'series.facings';
    case Twins = 'series.twins';
    case Minutes = 'series.minutes';
    case OverlapShare = 'series.overlapPct';
    case CastRange = 'series.castStops';
    case Favourite = 'series.favourite';
    case WouldHang = 'series.wouldHang';
    case FilmIndex = 'film.exposureIndexStops';
    case FilmSunRule = 'film.sunRuleStops';
    case PlanGiven = 'plan.given';
    case PlanMinutes = 'plan.minutesOff';
    case PlanSettings = 'plan.settingsOff';
    case SunAltitude = 'sun.altitude';
    case LightFrom = 'light.from';
    case Reason = 'said.reason';
    case Idea = 'said.idea';
    case Tone = 'said.tone';

    public function label(): string
    {
        return match ($this) {
            self::Mode => 'exposure mode',
            self::Metering => 'metering pattern',
            self::Support => 'what held the camera',
            self::Flash => 'flash',
            self::WhiteBalance => 'white balance',
            self::Kelvin => 'colour temperature that the picture is balanced for',
            self::FNumber => 'f-number',
            self::ExposureTime => 'exposure time',
            self::Iso => 'ISO',
            self::Compensation => 'exposure compensation',
            self::FocalLength35 => 'focal length, as on 36 × 24 mm',
            self::IsoSlack => 'ISO above what the light needed',
            self::ShakeRoom => 'room before hands shake',
            self::MovementBandError => 'time from the look that was wanted',
            self::StarRoom => 'room before stars trail',
            self::MeanStops => 'mean of the frame from mid-grey',
            self::UsedStops => 'range that the frame uses',
            self::BrightEnd => 'bright end of the frame from mid-grey',
            self::LostHighlights => 'lost highlights in the frame',
            self::BlockedShadows => 'blocked shadows in the frame',
            self::PlacementError => 'subject from where the brief wants it',
            self::SubjectMean => 'mean of the subject from mid-grey',
            self::SubjectLostHighlights => 'lost highlights in the subject',
            self::SubjectBlockedShadows => 'blocked shadows in the subject',
            self::SubjectShare => 'share of the frame that the subject fills',
            self::SubjectSharpness => 'sharpness of the subject',
            self::SubjectRatio => 'sharpness of the subject against the sharpest part',
            self::EyeSharpness => 'sharpness of the eye',
            self::EyeRatio => 'sharpness of the eye against what lies round it',
            self::EyeLight => 'lightest part of the eye against the face',
            self::SubjectBurnt => 'pale tones of the subject at the end of a channel',
            self::Tilt => 'tilt',
            self::Symmetry => 'symmetry about the middle',
            self::EdgeDistractions => 'distractions at the edges',
            self::Layers => 'layers of depth that are drawn',
            self::LayerStep => 'least difference of tone between neighbouring layers',
            self::OverSaturated => 'over-saturated share',
            self::RawHeadroom => 'room in the raw file above the brightest tones',
            self::RawLost => 'frame at the end of a channel in the raw file',
            self::RawSubjectLost => 'subject at the end of a channel in the raw file',
            self::FileFormat => 'file format',
            self::ColourSpace => 'colour space',
            self::FocusMode => 'focus mode',
            self::SeriesFrames => 'frames in the row',
            self::SeriesMoving => 'what moves in the row',
            self::SeriesExposureRange => 'exposure from the darkest frame of the row to the brightest',
            self::SeriesApertureRange => 'aperture across the row',
            self::SeriesTimeRange => 'exposure time across the row',
            self::SeriesIsoRange => 'ISO across the row',
            self::SeriesStepError => 'largest difference between steps of the row',
            self::SeriesGap => 'longest wait between frames of the row',
            self::SeriesShift => 'largest shift between frames of the row',
            self::SeriesCovered => 'range that the frames of the row hold between them',
            self::SeriesLost => 'highlights lost even in the darkest frame of the row',
            self::SeriesFocalRange => 'focal length across the row, as on 36 × 24 mm',
            self::SceneChanges => 'kinds of change between the frames of one subject',
            self::DistanceRatio => 'largest distance to the subject over the smallest',
            self::HeightRange => 'height of the camera across the row, in heights of the subject',
            self::SubjectRange => 'subject from its darkest frame to its brightest',
            self::Lights => 'different directions of light in the row',
            self::Facings => 'different ways of looking in the row',
            self::Twins => 'frames that say what another one says',
            self::CastRange => 'grey from its coldest frame to its warmest, red against blue',
            self::OverlapShare => 'least that two neighbours of the row show in common',
            self::Minutes => 'time from the first frame of the row to the last',
            self::Favourite => 'best frame, chosen with a reason',
            self::WouldHang => 'whether the best frame would be hung on a wall',
            self::FilmIndex => 'light beyond the box speed of the film',
            self::FilmSunRule => 'exposure beyond the bright-sun rule',
            self::PlanGiven => 'plan',
            self::PlanMinutes => 'time from the planned moment',
            self::PlanSettings => 'planned values that were not kept',
            self::SunAltitude => 'height of the sun',
            self::LightFrom => 'where the light comes from',
            self::Reason => 'reason',
            self::Idea => 'idea of the composition',
            self::Tone => 'brightness that is meant',
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::PlacementError,
            self::IsoSlack,
            self::ShakeRoom,
            self::MovementBandError,
            self::StarRoom,
            self::Compensation,
            self::MeanStops,
            self::UsedStops,
            self::BrightEnd,
            self::EyeLight,
            self::RawHeadroom,
            self::SubjectMean => 'stops',
            self::SubjectLostHighlights,
            self::SubjectBlockedShadows,
            self::LostHighlights,
            self::BlockedShadows,
            self::SubjectShare,
            self::SubjectBurnt,
            self::RawLost,
            self::RawSubjectLost,
            self::OverSaturated => '%',
            self::SeriesExposureRange,
            self::SeriesApertureRange,
            self::SeriesTimeRange,
            self::SeriesIsoRange,
            self::SeriesStepError,
            self::SeriesCovered,
            self::SubjectRange,
            self::CastRange,
            self::LayerStep,
            self::FilmIndex,
            self::FilmSunRule => 'stops',
            self::SeriesLost, self::SeriesShift, self::OverlapShare => '%',
            self::ExposureTime, self::SeriesGap => 's',
            self::FocalLength35, self::SeriesFocalRange => 'mm',
            self::PlanMinutes, self::Minutes => 'min',
            self::Kelvin => 'K',
            self::Tilt, self::SunAltitude => '°',
            self::FileFormat,
            self::ColourSpace,
            self::FocusMode,
            self::SeriesFrames,
            self::SeriesMoving,
            self::SceneChanges,
            self::DistanceRatio,
            self::HeightRange,
            self::Lights,
            self::Facings,
            self::Twins,
            self::Favourite,
            self::WouldHang,
            self::PlanGiven,
            self::PlanSettings,
            self::Mode,
            self::Metering,
            self::Support,
            self::Flash,
            self::WhiteBalance,
            self::FNumber,
            self::Iso,
            self::SubjectSharpness,
            self::SubjectRatio,
            self::EyeSharpness,
            self::EyeRatio,
            self::Symmetry,
            self::EdgeDistractions,
            self::Layers,
            self::Reason,
            self::Idea,
            self::LightFrom,
            self::Tone => '',
        };
    }

    /** Whether it goes to both sides of zero, so that it can lie within a distance of it. */
    public function isAboutZero(): bool
    {
        return in_array(
            $this,
            [
                self::Compensation,
                self::IsoSlack,
                self::ShakeRoom,
                self::MovementBandError,
                self::StarRoom,
                self::MeanStops,
                self::BrightEnd,
                self::PlacementError,
                self::SubjectMean,
                self::EyeLight,
                self::Tilt,
                self::FilmIndex,
                self::FilmSunRule,
                self::PlanMinutes,
                self::SunAltitude,
            ],
            true,
        );
    }

    /** @return array{string, string} what lies on either side of a limit of it: below, above */
    public function sides(): array
    {
        return match ($this) {
            self::PlacementError,
            self::SubjectMean,
            self::MeanStops,
            self::BrightEnd,
            self::EyeLight,
            self::FilmIndex,
            self::FilmSunRule => ['too dark', 'too bright'],
            self::Compensation => ['too far down', 'too far up'],
            self::MovementBandError, self::ExposureTime => ['too short', 'too long'],
            // Room is what is left: little of it means a long time.
            self::ShakeRoom, self::StarRoom => ['too long', 'too short'],
            // Balanced for warmer light than there is, the picture comes out blue.
            self::Kelvin => ['too blue', 'too warm'],
            self::Tilt => ['falling to the left', 'falling to the right'],
            self::PlanMinutes => ['too early', 'too late'],
            self::SunAltitude => ['too low', 'too high'],
            self::FNumber => ['too wide open', 'stopped down too far'],
            self::RawHeadroom => ['too bright', 'too dark'],
            self::SubjectShare => ['too small', 'too large'],
            self::SubjectSharpness, self::SubjectRatio, self::EyeSharpness, self::EyeRatio => ['too soft', 'too crisp'],
            default => ['too little', 'too much'],
        };
    }

    /** Whether it is said of a row of frames, and not of one. */
    public function isOfSeries(): bool
    {
        return str_starts_with($this->value, 'series.');
    }

    /** @return array<string, string> the words that it can be, each in full; none where it is a number */
    public function words(): array
    {
        return match ($this) {
            self::Mode => self::labels(ExposureMode::cases()),
            self::Metering => self::labels(MeteringPattern::cases()),
            self::Support => self::labels(Support::cases()),
            self::FocusMode => ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'],
            self::Flash => ['fired' => 'fired', 'off' => 'off'],
            self::WhiteBalance => ['auto' => 'automatic', 'set' => 'set by hand'],
            self::FileFormat => [
                'JPEG' => 'JPEG',
                'HEIC' => 'HEIC',
                'TIFF' => 'TIFF',
                'PNG' => 'PNG',
                'WEBP' => 'WebP',
                'raw' => 'camera raw',
            ],
            self::ColourSpace => ['sRGB' => 'sRGB', 'other' => 'another colour space'],
            self::SeriesMoving => [
                'aperture' => 'only the aperture',
                'time' => 'only the exposure time',
                'iso' => 'only ISO',
                'several' => 'several values',
                'none' => 'nothing',
            ],
            self::PlanGiven, self::Reason, self::Favourite => ['given' => 'given', 'none' => 'none'],
            self::WouldHang => ['yes' => 'yes', 'no' => 'no', 'none' => 'not said'],
            self::Idea => ['none' => 'none', ...self::labels(Idea::cases())],
            self::LightFrom => self::labels(LightDirection::cases()),
            self::Tone => ['none' => 'none', ...self::labels(MeantTone::cases())],
            default => [],
        };
    }

    /**
     * @param  list<ExposureMode|MeteringPattern|Support|Idea|LightDirection|MeantTone>  $cases
     * @return array<string, string>
     */
    private static function labels(array $cases): array
    {
        $labels = [];
        foreach ($cases as $case) {
            // What is not recorded cannot be told, and is no word to ask for.
            if ($case->value !== 'unknown') {
                $labels[$case->value] = $case->label();
            }
        }

        return $labels;
    }

    /** A value in words where it is a word. */
    public function word(string $value): string
    {
        return $this->words()[$value] ?? $value;
    }
}
