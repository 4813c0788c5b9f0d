<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Practice\FinderPicture;
use App\Practice\FinderReading;
use App\View\Drawings\CellPath;
use App\View\Drawings\DepthRuler;
use App\View\Drawings\PupilDrawing;
use App\View\Drawings\ToneStrip;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Tone\RawTones;

/** What the finder shows of a reading: the values in use, the meter, the tones, what is sharp. */
final readonly class FinderView
{
    public const METER_WIDTH = 640;

    /** The finder's picture is three wide to two high; geometry over it is in these units. */
    public const OVER = [960, 640];

    /** How many times as large the magnifier shows what lies at the focus point. */
    public const MAGNIFIES = 4.0;

    /**
     * @param  bool  $isOptical  whether the scene is seen as it is, and the exposure only after the press
     * @param  ?string  $magnified  a JPEG of what the magnifier shows; null where it is not in use
     * @param  ?array{x: float, y: float, across: float, down: float}  $mover  what crosses the scene, in the frame
     */
    public function __construct(
        public FinderReading $reading,
        public FinderPicture $picture,
        public bool $isOptical = false,
        public ?string $magnified = null,
        public ?array $mover = null,
    ) {
    }

    /** The address of the picture that is shown. */
    public function shownPicture(): string
    {
        return $this->magnified === null
            ? $this->picture->dataUri()
            : 'data:image/jpeg;base64,'.base64_encode($this->magnified);
    }

    /** @return array{x: float, y: float} where it focused, in the frame */
    public function point(): array
    {
        return $this->reading->rendering->optics->point;
    }

    /** @return ?array{float, float, float, float} left, top, right, bottom of what crosses, in the frame */
    public function moverBox(): ?array
    {
        return $this->mover === null
            ? null
            : array_map(
                fn (float $edge): float => round($edge, 4),
                [
                    $this->mover['x'] - $this->mover['across'],
                    $this->mover['y'] - $this->mover['down'],
                    $this->mover['x'] + $this->mover['across'],
                    $this->mover['y'] + $this->mover['down'],
                ],
            );
    }

    /** Whether the focus point goes with what crosses the scene. */
    public function isTracking(): bool
    {
        return $this->mover !== null && abs($this->mover['x'] - $this->point()['x']) < 1e-9;
    }

    /** Where what crosses the scene is. */
    public function moverText(): ?string
    {
        $motion = $this->reading->rendering->scene->motion;
        if ($motion->crossing === null || $motion->mover === null) {
            return null;
        }
        $moment = $this->reading->rendering->motion->moment;
        if ($motion->crossing->sunFrom === null) {
            return sprintf('%s %.0f m away', $motion->mover->name, $motion->crossing->distanceAt($moment));
        }
        $past = round($motion->crossing->at($moment) - $motion->crossing->sunFrom, 1);

        return match (true) {
            $past === 0.0 || $past === -0.0 => $motion->mover->name.' at the shade’s edge',
            default => sprintf(
                '%s %s m %s',
                $motion->mover->name,
                abs($past),
                $past < 0 ? 'from the sun, in shade' : 'past the shade’s edge',
            ),
        };
    }

    /** Degrees that the camera leans, clockwise. */
    public function lean(): float
    {
        return $this->reading->rendering->optics->lean;
    }

    public function levelText(): string
    {
        return $this->lean() === 0.0
            ? 'level'
            : sprintf('leans %s° to the %s', abs($this->lean()), $this->lean() > 0 ? 'right' : 'left');
    }

    /** @return list<array{label: string, text: string, by: string, isYours: bool, blinks: ?string}> */
    public function values(): array
    {
        $display = $this->reading->display;
        $rows = [];
        foreach (
            [
                'fNumber' => ['Aperture', $display->fNumber],
                'exposureTime' => ['Time', $display->exposureTime],
                'iso' => ['ISO', $display->iso],
            ] as $key => [$label, $text]
        ) {
            $rows[] = [
                'label' => $label,
                'text' => $text,
                'by' => $this->reading->solved->decidedBy[$key] === Decider::Camera ? 'the camera’s choice'
                    : 'set by you',
                'isYours' => $this->reading->solved->decidedBy[$key] !== Decider::Camera,
                'blinks' => $display->blinking[$key] ?? null,
            ];
        }

        return $rows;
    }

    /**
     * What the dials show: the values in use, by the name of their dial, and the pupil in mm with the lens's widest.
     *
     * @return array{n: string, t: string, iso: string, focus: string, pupil: ?float, widest: ?float}
     */
    public function shown(): array
    {
        $display = $this->reading->display;
        $pupil = $this->pupil();

        return [
            'n' => $display->fNumber,
            't' => $display->exposureTime,
            'iso' => $display->iso,
            'focus' => $this->focusText(),
            'pupil' => $pupil === null ? null : round($pupil->diameter, 2),
            'widest' => $pupil?->widest === null ? null : round($pupil->widest, 2),
        ];
    }

    /** @return list<string> why a value blinks, and why the camera could not do what was asked; each said once */
    public function warnings(): array
    {
        return array_values(
            array_unique([
                ...array_filter(array_column($this->values(), 'blinks')),
                ...array_map(fn ($limit): string => $limit->message, $this->reading->solved->limits),
                ...$this->silentWarnings(),
            ]),
        );
    }

    /** @return list<string> what a silent shutter does to this scene */
    private function silentWarnings(): array
    {
        $rendering = $this->reading->rendering;

        return $rendering->motion->isSilent
            ? array_values(
                array_filter([
                    $rendering->condition->pulses > 0
                        ? 'Silent: these lamps pulse with the current, which draws bands at short times.' : null,
                    $rendering->scene->motion->mover === null
                        ? null : sprintf('Silent: %s leans, since the rows are read one after another.',
                            $rendering->scene->motion->mover->name),
                ]),
            )
            : [];
    }

    /** Where the mark stands on the meter's scale. */
    public function meterX(): ?float
    {
        $meter = $this->reading->display->meter;

        return $meter === null ? null : $this->x($meter->value);
    }

    public function x(float $stops): float
    {
        return round(self::METER_WIDTH / 2 + ($stops / FinderDisplay::SCALE_END) * 280, 1);
    }

    public function meterText(): string
    {
        $meter = $this->reading->display->meter;

        return match (true) {
            $meter === null => 'Bulb: no meter; hold as long as you like.',
            $this->reading->display->meterAtEnd => sprintf(
                'The mark is beyond the end of the scale at %s.',
                $meter->signed(),
            ),
            default => sprintf('The mark stands at %s.', $meter->signed()),
        };
    }

    /** @param  ?RawTones  $raw  of the sensor, where they are asked for */
    public function tones(?RawTones $raw = null): ToneStrip
    {
        return ToneStrip::ofTones($this->picture->tones, $raw);
    }

    /** @return array{lost: string, blocked: string} paths over the picture */
    public function ends(): array
    {
        $ends = $this->picture->ends;

        return $ends === null
            ? ['lost' => '', 'blocked' => '']
            : [
                'lost' => CellPath::of($ends->lost, $ends->columns, $ends->rows, ...self::OVER),
                'blocked' => CellPath::of($ends->blocked, $ends->columns, $ends->rows, ...self::OVER),
            ];
    }

    public function depth(): DepthRuler
    {
        $rendering = $this->reading->rendering;

        return DepthRuler::of(
            DepthOfField::of(
                $rendering->optics->focalLength,
                $rendering->exposure->settings->aperture->exact,
                $rendering->optics->focused,
                $rendering->optics->format->circleOfConfusion(),
            ),
            $rendering->optics->focused,
        );
    }

    public function pupil(): ?PupilDrawing
    {
        $rendering = $this->reading->rendering;

        return PupilDrawing::of(
            new CaptureRecord(
                exposure: new RecordedExposure(fNumber: $rendering->exposure->settings->aperture),
                lens: new RecordedLens(
                    focalLength: $rendering->optics->focalLength,
                    widestFNumber: $this->reading->request->lens->widest,
                ),
            ),
        );
    }

    public function focusText(): string
    {
        return $this->reading->rendering->optics->focused >= 1000
            ? 'at infinity'
            : 'at '.Metres::text($this->reading->rendering->optics->focused);
    }

    public function whiteBalanceText(): string
    {
        $balance = $this->reading->rendering->film->whiteBalance;

        return sprintf(
            '%s K%s',
            number_format($balance->kelvin, 0, '.', ' '),
            $balance->isAutomatic ? ', automatic' : '',
        );
    }

    public function lightText(): string
    {
        return sprintf('EV %.1f at ISO 100', $this->reading->meteredEv100);
    }

    public function summary(): string
    {
        $settings = $this->reading->settings();

        return sprintf(
            '%s at %s; %s',
            $this->reading->rendering->scene->words->title,
            $settings,
            Stops::of($this->picture->tones->meanStops)->signed().' from mid-grey on the whole',
        );
    }
}
