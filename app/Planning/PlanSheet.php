<?php

declare(strict_types=1);

namespace App\Planning;

use App\Kits\KitInUse;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\SavedPlan;
use InvalidArgumentException;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Adviser\TonePlacement;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Exposure\ComposingFrame;
use TruePupil\Core\Exposure\Duration;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\WhoDecides;
use TruePupil\Core\Plan\FilterSum;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\SceneRange;
use TruePupil\Core\Plan\WayBack;

/** A plan worked out: its light, up to three settings, the map of what is barred, and what the sky does. */
final class PlanSheet
{
    /** Stands in where somebody has entered no kit: common, and named as what it is. */
    public const PLAIN_KIT = [
        'body' => [
            'name' => 'a common body',
            'format' => '23.5x15.6',
            'pixels' => [6000, 4000],
            'fastest' => 1 / 4000,
            'slowest' => 30,
            'isoMin' => 100,
            'isoBase' => 100,
            'isoMax' => 12800,
        ],
        'lenses' => [
            [
                'name' => 'an 18–55 mm zoom',
                'minFocal' => 18,
                'maxFocal' => 55,
                'widestAtMin' => 3.5,
                'widestAtMax' => 5.6,
                'smallest' => 22,
                'closestFocus' => 0.28,
            ],
        ],
        'supports' => ['hand', 'tripod'],
    ];

    /** @var array<string, string> what could not be used, by part */
    public array $problems = [];

    public ?Ev100 $light = null;

    public ?Advice $advice = null;

    public ?Outing $outing = null;

    public ?Outing $otherOuting = null;

    public ?SceneRange $range = null;

    public Intent $intent;

    public readonly PlanInput $input;

    public readonly Kit $kit;

    public readonly bool $isPlainKit;

    /** @param  array<int, array{label: string, light: Ev100}>  $earlier  the student's frames whose light is known */
    private function __construct(public readonly SavedPlan $plan, public readonly array $earlier)
    {
        $setBrief = $plan->setBrief;
        $this->input = PlanInput::of($plan->input, $setBrief->course->timezone);
        $own = KitInUse::of($plan->user);
        $this->isPlainKit = $own === null || $own->lenses === [];
        $this->kit = $this->isPlainKit || $own === null ? KitFormat::read(Fields::of(self::PLAIN_KIT)) : $own;
        $this->intent = new Intent();
        $this->work();
    }

    public static function of(SavedPlan $plan): self
    {
        return new self($plan, self::earlierFrames($plan));
    }

    /**
     * Ways of knowing the light, by their names in the form. Only negative film is exposed for its shadows.
     *
     * @return array<string, string>
     */
    public function ways(): array
    {
        $isOffered = $this->kit->film?->kind->protectsShadows() === true || $this->input->way() === 'shadow';

        return $isOffered ? PlanInput::WAYS : array_diff_key(PlanInput::WAYS, ['shadow' => true]);
    }

    public function questions(): PlanQuestions
    {
        return PlanQuestions::of($this->input);
    }

    /** Whether the three questions say all that the plan says, or nothing is said yet. */
    public function isByQuestions(): bool
    {
        $own = array_filter($this->questions()->all(), fn (array $question): bool => $question['chosen'] !== null);

        return $this->plan->input === [] ||
            array_diff_key(
                $this->plan->input,
                PlanQuestions::answered(
                    array_map(fn (array $question): string => $question['chosen'], $own),
                    ['about' => '', 'reason' => ''],
                ),
            ) === [];
    }

    /** Where the subject belongs, from mid-grey. */
    public function wanted(): Stops
    {
        return $this->plan->setBrief->content()->placement($this->input->text('placement'))->stops ?? Stops::of(0);
    }

    /**
     * Everything that can be taken, by its name in the form: what the kit does, and what it would with some help.
     *
     * @return array<int|string, Suggestion>
     */
    public function offered(): array
    {
        $offered = [];
        foreach ($this->advice->suggestions ?? [] as $index => $suggestion) {
            $offered[(string) $index] = $suggestion;
        }
        foreach ($this->advice->impossible->wouldHelp ?? [] as $index => $remedy) {
            if ($remedy->settings !== null) {
                $offered['help-'.$index] = $remedy->settings;
            }
        }

        return $offered;
    }

    /** The name of the settings that were taken, if they are still among those that are offered. */
    public function chosenIndex(): ?string
    {
        foreach ($this->offered() as $index => $suggestion) {
            if (
                (string) $suggestion->exposure->settings === (string) $this->plan->chosen?->exposure->settings &&
                $suggestion->lens->name === $this->plan->chosen?->lens->name &&
                $suggestion->support === $this->plan->chosen?->support
            ) {
                return (string) $index;
            }
        }

        return null;
    }

    /** The settings that were taken, as they are offered now. */
    public function taken(): ?Suggestion
    {
        $index = $this->chosenIndex();

        return $index === null ? null : $this->offered()[$index];
    }

    /**
     * Which values the person sets in the mode of a suggestion, and which the camera will choose.
     *
     * @return list<string>
     */
    public function decisions(Suggestion $suggestion): array
    {
        if (! $this->kit->body->setsTime) {
            return $this->leftByTheApp();
        }
        $who = WhoDecides::in($suggestion->exposure->mode);
        $values = [
            'aperture' => [(string) $suggestion->exposure->settings->aperture, $who->aperture],
            'exposure time' => [(string) $suggestion->exposure->settings->time, $who->time],
            'ISO' => [(string) $suggestion->exposure->settings->iso, $who->iso ?? Decider::Person],
        ];
        $lines = [];
        foreach ($values as $name => [$text, $decider]) {
            // ISO says its own name.
            $lines[] = sprintf(
                '%s %s',
                $decider === Decider::Person ? 'You set' : 'The camera then chooses',
                str_starts_with($text, $name) ? $text : $name.' '.$text,
            );
        }
        // What the person does comes before what follows from it.
        usort($lines, fn (string $a, string $b): int => str_starts_with($b, 'You') <=> str_starts_with($a, 'You'));
        $wanted = $this->wanted();
        if ($wanted->inThirds() !== 0) {
            $lines[] = $who->compensation
                ? sprintf('Compensation about %s, if the meter reads the subject alone', $wanted->signed())
                : sprintf('The meter then shows about %s on the subject', $wanted->signed());
        }
        $seconds = $suggestion->exposure->settings->time->exact;
        $wait = ComposingFrame::wait($seconds);
        if ($this->kit->film === null && $wait > $seconds) {
            $lines[] = sprintf(
                'If the camera reduces the noise of long exposures, you wait %s for each frame',
                Duration::text($wait),
            );
        }

        return $lines;
    }

    /** @return list<string> what the app of a phone leaves to its owner */
    private function leftByTheApp(): array
    {
        $wanted = $this->wanted();

        return [
            'You choose what is touched and how bright it becomes; the app chooses the rest',
            ...$wanted->inThirds() === 0 ? [] : [sprintf(
                'Slide the brightness %s until the subject looks as it does to your eye: about %s',
                $wanted->inThirds() > 0 ? 'up' : 'down',
                $wanted->signed(),
            )],
        ];
    }

    /** @return ?list<string> what is done before leaving, where the settings taken are for the dark */
    public function wayBack(): ?array
    {
        $taken = $this->taken();

        return $taken === null || $this->light === null
            ? null
            : WayBack::of(
                $this->light,
                $taken->exposure->settings,
                $taken->support,
                Iso::of($this->kit->body->limits->isoBase),
            );
    }

    public function filterSum(Suggestion $suggestion): ?FilterSum
    {
        return $suggestion->exposure->filterStops > 0
            ? FilterSum::of($suggestion->exposure->filterStops, $suggestion->exposure->settings->time)
            : null;
    }

    private function sceneRange(): ?SceneRange
    {
        $spots = $this->input->spots();

        return match (true) {
            $spots === null => null,
            $this->kit->film !== null => SceneRange::ofFilm($spots, $this->kit->film),
            default => SceneRange::ofSensor($spots, $this->isPlainKit ? null : $this->kit->body),
        };
    }

    private function work(): void
    {
        $this->intent = $this->tried('intent', $this->input->intent(...)) ?? new Intent();
        $this->outing = $this->tried('place', $this->input->outing(...));
        $this->otherOuting = $this->tried('place', $this->input->otherOuting(...));
        $this->range = $this->tried('range', $this->sceneRange(...));
        $this->light = $this->tried(
            'light',
            fn (): ?Ev100 => $this->input->light(array_map(fn (array $frame): Ev100 => $frame['light'],
                $this->earlier)),
        );
        if ($this->light === null || isset($this->problems['intent'])) {
            return;
        }
        $kit = $this->input->support() === null ? $this->kit : $this->kit->with(supports: [$this->input->support()]);
        $placed = $this->placed($this->light);
        $this->advice = KitAdviser::advise(new AdviceRequest(
            Ev100::of($this->light->value - $placed->value),
            $kit,
            $this->intent,
            $this->plan->setBrief->course->approachChoices(),
            bounds: CheckBounds::of($this->plan->setBrief->content()),
            placed: $placed,
        ));
    }

    /**
     * Brighter than mid-grey wants that much more light than a meter that reads the subject would give. Where the light
     * is what falls on it, every tone is in its place, and only what is meant otherwise counts.
     */
    private function placed(Ev100 $light): Stops
    {
        return $this->input->isIncident() || $this->wanted()->inThirds() === 0
            ? TonePlacement::of($this->intent, $light)
            : $this->wanted();
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return ?T
     */
    private function tried(string $part, callable $read): mixed
    {
        try {
            return $read();
        } catch (InvalidArgumentException $problem) {
            $this->problems[$part] ??= $problem->getMessage();

            return null;
        }
    }

    /** @return array<int, array{label: string, light: Ev100}> the latest ten, by id */
    private static function earlierFrames(SavedPlan $plan): array
    {
        $frames = Frame::query()
            ->where('state', FrameState::Judged)
            ->whereNotNull('subject')
            ->whereHas('attempt', fn ($query) => $query->where('user_id', $plan->user_id))
            ->with(['attempt.setBrief.course', 'attempt.user', 'attempt.frames'])
            ->orderByDesc('id')
            ->limit(10)
            ->get();
        $known = [];
        foreach ($frames as $frame) {
            $settings = $frame->record()?->settings();
            $placement = $frame->measures?->subject?->placement();
            if ($settings !== null && $placement !== null) {
                $known[$frame->id] = [
                    'label' => sprintf('%s: %s', $frame->original_name, $settings),
                    'light' => $settings->ev100()->plus($placement),
                ];
            }
        }

        return $known;
    }
}
