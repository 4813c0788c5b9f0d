<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\ShotQuality;
use DateTimeImmutable;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\PracticeCamera\GraduatedFilter;

/**
 * What is set on the practice camera, as texts by name, whether from its screen or from a command line. Empty means "as
 * the camera sees fit"; values that the mode leaves to the camera are put aside and not lost.
 */
final readonly class ShotInput
{
    /** What each field is until somebody sets it. */
    public const BLANK = [
        'light' => '',
        'lens' => '',
        'focal' => '',
        'mode' => 'aperture',
        'n' => '5.6',
        't' => '1/125',
        'iso' => '400',
        'compensation' => '0',
        'metering' => 'scene',
        'focusing' => 'single',
        'focus' => '',
        'tracks' => '',
        'px' => '0.5',
        'py' => '0.5',
        'x' => '0.5',
        'y' => '0.5',
        'filter' => '0',
        'graduated' => '0',
        'edge' => '0.4',
        'kelvin' => '',
        'support' => 'hand',
        'lean' => '0',
        'stabiliser' => 'on',
        'flash' => '0',
        'flashFrom' => 'camera',
        'followed' => '0',
        'moment' => '',
        'shutter' => 'mechanical',
        'quality' => 'jpeg',
        'held' => '',
        'seed' => '1',
    ];

    /** What each mode leaves to the person. */
    private const LEFT_TO_PERSON = [
        'auto' => [],
        'program' => ['iso', 'compensation'],
        'aperture' => ['n', 'iso', 'compensation'],
        'shutter' => ['t', 'iso', 'compensation'],
        'manual' => ['n', 't', 'iso'],
        'manual-auto-iso' => ['n', 't', 'compensation'],
        'bulb' => ['n', 't', 'iso'],
    ];

    /** @var array<string, string> */
    public array $texts;

    /** @param  array<string, mixed>  $given */
    public function __construct(array $given)
    {
        $known = array_intersect_key($given, self::BLANK);
        $this->texts = [
            ...self::BLANK,
            ...array_map(fn (mixed $text): string => is_scalar($text) ? trim((string) $text) : '', $known),
        ];
    }

    /**
     * Modes in which a field is the person's.
     *
     * @return list<string>
     */
    public static function modesOf(string $field): array
    {
        return array_keys(
            array_filter(self::LEFT_TO_PERSON, fn (array $fields): bool => in_array($field, $fields, true)),
        );
    }

    public function mode(): ExposureMode
    {
        $mode = ExposureMode::tryFrom($this->texts['mode']);

        return $mode !== null && isset(self::LEFT_TO_PERSON[$mode->value])
            ? $mode
            : throw new InvalidArgumentException(
                sprintf(
                    'The mode is one of %s; got "%s".',
                    implode(', ', array_keys(self::LEFT_TO_PERSON)),
                    $this->texts['mode'],
                ),
            );
    }

    /** @throws InvalidArgumentException */
    public function quality(): ShotQuality
    {
        return ShotQuality::tryFrom($this->texts['quality'])
            ?? throw new InvalidArgumentException(
                sprintf('The quality is jpeg, raw or both; got "%s".', $this->texts['quality']),
            );
    }

    public function isLeft(string $field): bool
    {
        return in_array($field, self::LEFT_TO_PERSON[$this->mode()->value] ?? [], true);
    }

    /** @throws InvalidArgumentException saying which value cannot be used and why */
    public function shot(Scene $scene, CameraSetups $outfits, DateTimeImmutable $takenAt): Shot
    {
        $setup = $this->setup($outfits, $scene);
        $mode = $this->mode();
        $iso =
            $this->isLeft('iso') && ! in_array(strtolower($this->texts['iso']), ['', 'auto'], true)
                ? Iso::of($this->within('iso', 'ISO', 1, 4_000_000))
                : null;
        if ($iso === null && in_array($mode, [ExposureMode::Manual, ExposureMode::Bulb], true)) {
            throw new InvalidArgumentException('In this mode ISO is set by hand; choose a value.');
        }
        $stops = $this->within('graduated', 'The graduated filter', 0, 6);
        $limits = $setup->body->limits;
        $focusing = FocusMode::tryFrom($this->texts['focusing']) ??
            throw new InvalidArgumentException(
                sprintf('Focus is single, continuous or manual; got "%s".', $this->texts['focusing']),
            );

        return new Shot(
            scene: $scene,
            setup: $setup,
            exposure: new ShotExposure(
                mode: $mode,
                aperture: $this->isLeft('n') ? $this->aperture($setup) : null,
                time: $this->isLeft('t') ? $this->time($setup, $mode) : null,
                iso: $iso,
                compensation: Stops::of(
                    $this->isLeft('compensation') ? $this->within('compensation', 'Compensation', -5, 5) : 0.0,
                ),
                metering: MeteringPattern::tryFrom($this->texts['metering']) ??
                    throw new InvalidArgumentException(
                        sprintf('There is no metering pattern "%s".', $this->texts['metering']),
                    ),
                autoIso: $outfits->kit->autoIso ??
                    AutoIso::byFocalLength(
                        $limits->isoBase,
                        min($limits->isoMax, $setup->body->comfortableIso ?? 6400.0),
                        $setup->focalLength,
                        $setup->body->format,
                    ),
                heldEv100: $this->texts['held'] === ''
                    ? null
                    : $this->within('held', 'The light that is held', -20, 30),
            ),
            hold: new ShotHold(
                aim: ['x' => $this->within('x', 'The aim', 0, 1), 'y' => $this->within('y', 'The aim', 0, 1)],
                support: Support::tryFrom($this->texts['support']) ??
                    throw new InvalidArgumentException(
                        sprintf(
                            'The support is one of hand, braced, monopod, tripod; got "%s".',
                            $this->texts['support'],
                        ),
                    ),
                stabilised: $this->texts['stabiliser'] === 'on',
                followed: $this->within('followed', 'The pan', 0, 1.2),
                lean: $this->within('lean', 'The lean in degrees', -10, 10),
            ),
            press: new ShotPress(
                takenAt: $takenAt,
                seed: (int) $this->within('seed', 'The seed', 0, 2_000_000_000),
                moment: $this->texts['moment'] === ''
                    ? ($scene->motion->crossing->seconds ?? 0.0) / 2
                    : $this->within('moment', 'The moment', 0, 86400),
                isSilent: $this->isSilent($mode),
            ),
            light: new ShotLight(
                condition: $this->texts['light'] === '' ? null : $this->texts['light'],
                filterStops: $this->within('filter', 'The filter', 0, 20),
                graduated: $stops > 0
                    ? new GraduatedFilter($stops, $this->within('edge', 'The filter\'s edge', 0, 1))
                    : null,
                kelvin: in_array($this->texts['kelvin'], ['', 'auto'], true)
                    ? null
                    : $this->within('kelvin', 'White balance in kelvin', 1700, 25000),
                flash: $this->flash($outfits, $scene),
                flashFrom: $this->texts['flashFrom'],
            ),
            focusing: new ShotFocus(
                distance: $this->texts['focus'] === ''
                    ? null
                    : $this->within('focus', 'The focus distance in metres', 0.05, 1000),
                point: [
                    'x' => $this->within('px', 'The focus point', 0, 1),
                    'y' => $this->within('py', 'The focus point', 0, 1),
                ],
                mode: $focusing,
                tracks: $focusing === FocusMode::Continuous && $this->texts['tracks'] !== '',
            ),
        );
    }

    /** @throws InvalidArgumentException where it cannot do what was set */
    private function isSilent(ExposureMode $mode): bool
    {
        $isSilent = match ($this->texts['shutter']) {
            'mechanical' => false,
            'silent' => true,
            default => throw new InvalidArgumentException(
                sprintf('The shutter is mechanical or silent; got "%s".', $this->texts['shutter']),
            ),
        };

        return match (true) {
            $isSilent && (float) $this->texts['flash'] > 0 => throw new InvalidArgumentException(
                'The silent shutter reads row by row, and a flash would light only some of the rows: switch one of '.
                    'them off.',
            ),
            $isSilent && $mode === ExposureMode::Bulb => throw new InvalidArgumentException(
                'Bulb needs the mechanical shutter: the silent one opens for as long as it is told beforehand.',
            ),
            default => $isSilent,
        };
    }

    private function setup(CameraSetups $outfits, Scene $scene): CameraSetup
    {
        $focal = $this->texts['focal'] === '' ? null : $this->within('focal', 'The focal length', 1, 3000);

        return $this->texts['lens'] === ''
            ? $outfits->suiting($scene, $focal)
            : $outfits->with($this->texts['lens'], $focal, $scene);
    }

    private function aperture(CameraSetup $setup): Aperture
    {
        $aperture = Aperture::of($this->within('n', 'The f-number', 0.5, 128));
        $widest = $setup->lens->widestAt($setup->focalLength);

        return match (true) {
            $aperture->exact < $widest->exact * 0.99 => throw new InvalidArgumentException(
                sprintf(
                    '%s opens no wider than %s at %s mm; got %s.',
                    $setup->lens->name,
                    $widest,
                    round($setup->focalLength),
                    $aperture,
                ),
            ),
            $aperture->exact > $setup->lens->smallest * 1.04 => throw new InvalidArgumentException(
                sprintf(
                    '%s closes no further than ƒ/%s; got %s.',
                    $setup->lens->name,
                    $setup->lens->smallest,
                    $aperture,
                ),
            ),
            default => $aperture,
        };
    }

    private function time(CameraSetup $setup, ExposureMode $mode): ExposureTime
    {
        $time = ExposureTime::parse($this->texts['t']);
        $limits = $setup->body->limits;
        // As engraved: thirty seconds on the dial are thirty-two in truth.
        if (
            $time->nominal() < $limits->fastest * 0.99 ||
            ($time->nominal() > $limits->slowest * 1.01 && $mode !== ExposureMode::Bulb)
        ) {
            throw new InvalidArgumentException(
                sprintf(
                    '%s times from %s to %s; got %s. Bulb holds longer.',
                    $setup->body->name,
                    ExposureTime::nearest($limits->fastest),
                    ExposureTime::nearest($limits->slowest),
                    $time,
                ),
            );
        }
        if ($time->exact > 3600) {
            throw new InvalidArgumentException(
                sprintf('An hour is the longest that the practice camera holds; got %s.', $time),
            );
        }

        return $time;
    }

    /** The guide number in use: the kit's flash at a share of its power, whose square root counts. */
    private function flash(CameraSetups $outfits, Scene $scene): ?float
    {
        $power = $this->within('flash', 'Flash power', 0, 1);
        if ($power <= 0) {
            return null;
        }
        if ($scene->files->flashes === []) {
            throw new InvalidArgumentException(
                sprintf('"%s" is not lit for a flash; the bust is.', $scene->words->title),
            );
        }
        if (! isset($scene->files->flashes[$this->texts['flashFrom']])) {
            throw new InvalidArgumentException(sprintf(
                'The flash stands on one of %s; got "%s".',
                implode(', ', array_keys($scene->files->flashes)),
                $this->texts['flashFrom'],
            ));
        }
        $guideNumber =
            $outfits->kit->flash->guideNumber ?? throw new InvalidArgumentException('There is no flash in the kit.');

        return $guideNumber * sqrt($power);
    }

    private function within(string $field, string $what, float $least, float $most): float
    {
        $number = str_replace(
            [',', '−'],
            ['.', '-'],
            preg_replace('~^(f\s*/|ƒ\s*/|iso)\s*|\s*(mm|m|k)$~iu', '', $this->texts[$field]) ?? '',
        );

        return is_numeric($number) && (float) $number >= $least && (float) $number <= $most
            ? (float) $number
            : throw new InvalidArgumentException(
                sprintf('%s goes from %s to %s; got "%s".', $what, $least, $most, $this->texts[$field]),
            );
    }
}
