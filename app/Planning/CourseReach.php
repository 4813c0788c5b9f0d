<?php

declare(strict_types=1);

namespace App\Planning;

use App\Kits\KitInUse;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\LensChoice;
use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\PhoneWay;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Plan\LightCondition;

/** Whether the kits of a course can meet a brief's checks on settings, before it is set: by number, not by name. */
final readonly class CourseReach
{
    /** Modes that a phone's own program has not. */
    private const DIALLED = [
        ExposureMode::Aperture,
        ExposureMode::Shutter,
        ExposureMode::Manual,
        ExposureMode::ManualAutoIso,
        ExposureMode::Bulb,
    ];

    /** @param  array<string, int>  $cannot  how many kits by the reason why not */
    private function __construct(
        public int $can,
        public array $cannot,
        public int $unknown,
        public bool $asksForSettings,
        public ?LightCondition $light,
        public int $phones,
        public ?PhoneWay $phone,
    ) {
    }

    public static function of(Course $course, Brief $brief, ?LightCondition $light = null): self
    {
        $bounds = CheckBounds::of($brief);
        [$can, $cannot, $unknown, $phones] = [0, [], 0, 0];
        foreach ($course->people(Role::Student)->get() as $student) {
            /** @var User $student */
            $kit = KitInUse::of($student);
            if ($kit === null || $kit->lenses === []) {
                $unknown++;

                continue;
            }
            $phones += $kit->body->kind === BodyKind::Phone ? 1 : 0;
            $why = self::whyNot($kit, $bounds) ?? self::whyNotIn($light, $course, $kit, $bounds);
            $why === null ? $can++ : $cannot[$why] = ($cannot[$why] ?? 0) + 1;
        }
        arsort($cannot);

        return new self($can, $cannot, $unknown, ! $bounds->isEmpty(), $light, $phones, PhoneReach::of($brief));
    }

    /** @return list<string> */
    public function sentences(): array
    {
        $known = $this->can + array_sum($this->cannot);
        if ($known === 0) {
            return [
                'Nobody in the course has entered a kit yet, so it cannot be tried on theirs.',
                ...$this->warnsOfPhones(),
            ];
        }

        return [
            sprintf(
                '%d of %d %s can meet what it asks of settings%s.',
                $this->can,
                $known,
                $known === 1 ? 'kit' : 'kits',
                $this->light === null ? '' : ' in this light',
            ),
            ...array_map(
                fn (string $why, int $count): string => sprintf('%d cannot: %s.', $count, $why),
                array_keys($this->cannot),
                $this->cannot,
            ),
            ...$this->unknown === 0 ? [] : [sprintf('%d have entered no kit.', $this->unknown)],
            ...$this->warnsOfPhones(),
        ];
    }

    /** @return list<string> nothing where a phone does it */
    private function warnsOfPhones(): array
    {
        return $this->phone === null || $this->phone->works ? [] : [
            sprintf(
                'A phone’s own camera app cannot do it as asked%s. Students are told:',
                $this->phones === 0 ? '' : ', and '.trans_choice(
                    '{1} one student has nothing else|[2,*] :count students have nothing else',
                    $this->phones,
                ),
            ),
            $this->phone->words,
        ];
    }

    /** @return ?string why this kit cannot take what the brief asks of settings */
    public static function whyNotMet(Kit $kit, Brief $brief): ?string
    {
        return self::whyNot($kit, CheckBounds::of($brief));
    }

    private static function whyNot(Kit $kit, SettingBounds $bounds): ?string
    {
        return self::apertureMissing($kit, $bounds) ?? self::bodyMissing($kit, $bounds) ?? match (true) {
            $bounds->supports !== [] && array_filter($kit->supports, $bounds->allowsSupport(...)) === [] => sprintf(
                'there is no %s in the kit',
                $bounds->supports[0]->label(),
            ),
            LensChoice::all($kit, new Intent(), $bounds) === [] => 'no lens has the focal length',
            default => null,
        };
    }

    private static function apertureMissing(Kit $kit, SettingBounds $bounds): ?string
    {
        $opens = min([
            INF,
            ...array_map(fn (Lens $lens): float => min($lens->widestAtMin, $lens->widestAtMax), $kit->lenses),
        ]);
        $closes = max([0.0, ...array_map(fn (Lens $lens): float => $lens->smallest, $kit->lenses)]);
        [$from, $to] = $bounds->aperture;
        $isOut = $closes < $from * 0.95 || $opens > $to * 1.05;

        return match (true) {
            ! $isOut => null,
            $kit->body->kind === BodyKind::Phone && $opens >= $closes - 0.01 => 'a phone has one aperture',
            $closes < $from * 0.95 => 'no lens closes so far',
            default => 'no lens opens so far',
        };
    }

    private static function bodyMissing(Kit $kit, SettingBounds $bounds): ?string
    {
        $limits = $kit->body->limits;
        $left = array_diff(array_column($bounds->modes, 'value'), array_column(self::DIALLED, 'value'));

        return match (true) {
            ! $kit->body->setsTime && $bounds->modes !== [] && $left === [] => 'it chooses its settings by itself',
            $limits->slowest < $bounds->time[0] * 0.9 => 'the shutter does not stay open so long',
            $limits->fastest > $bounds->time[1] * 1.1 => 'the shutter is not so fast',
            $limits->isoMax < $bounds->iso[0] * 0.9 => 'its ISO does not go so high',
            $limits->isoMin > $bounds->iso[1] * 1.1 => 'its ISO does not go so low',
            default => null,
        };
    }

    private static function whyNotIn(
        ?LightCondition $light,
        Course $course,
        Kit $kit,
        SettingBounds $bounds,
    ): ?string {
        $advice = $light === null ? null : KitAdviser::advise(new AdviceRequest(
            $light->ev100(),
            $kit,
            new Intent(),
            $course->approachChoices(),
            bounds: $bounds,
        ));
        if ($advice?->impossible === null) {
            return null;
        }
        $help = $advice->impossible->wouldHelp[0]->sentence ?? null;

        return 'the light is wrong for it'.($help === null ? '' : ' ('.lcfirst(rtrim($help, '.')).')');
    }
}
