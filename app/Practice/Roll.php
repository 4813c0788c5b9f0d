<?php

declare(strict_types=1);

namespace App\Practice;

use App\Kits\KitInUse;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InvalidArgumentException;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Kit\FocusMode;

/** A person's roll in the practice camera. */
final readonly class Roll
{
    /** As many frames as a roll holds. */
    public const LENGTH = 72;

    public function __construct(private Finder $finder, private RollQueue $queue)
    {
    }

    /**
     * Takes what one press takes, all of it or nothing. Light and focus are those of the press; with the self-timer the
     * shutter opens later.
     *
     * @param  float  $wait  s, of the self-timer
     * @return Collection<int, RollFrame>
     *
     * @throws InvalidArgumentException when something set cannot be used, or the roll is full
     */
    public function press(
        User $user,
        Scene $scene,
        ShotInput $input,
        ShutterRelease $drive,
        float $step,
        float $wait = 0.0,
    ): Collection {
        $plan = $drive->frames($step);
        $input->quality();
        if (RollFrame::query()->where('user_id', $user->id)->count() + count($plan) > self::LENGTH) {
            throw new InvalidArgumentException(
                sprintf(
                    'The roll holds %d frames and is full. Download, hand in or remove some; nothing was taken.',
                    self::LENGTH,
                ),
            );
        }
        $now = Carbon::now();
        $metered = $this->finder->look(
            $input->shot($scene, $this->outfits($user, $scene), DateTimeImmutable::createFromInterface($now)),
        );
        $rows = [];
        $moment = $metered->rendering->motion->moment;
        foreach ($plan as ['later' => $later, 'stops' => $stops]) {
            $texts = $input->texts;
            $texts['moment'] = (string) ($moment + $wait + $later);
            $texts['seed'] = (string) random_int(1, 2_000_000_000);
            // One press meters once: what follows keeps to it.
            $texts['held'] = sprintf('%.6f', $metered->meteredEv100);
            // And focuses once, unless it goes on focusing.
            if ($texts['focusing'] !== FocusMode::Continuous->value) {
                $texts['focus'] = sprintf('%.3f', min(1000.0, $metered->rendering->optics->focused));
            }
            if ($stops !== 0.0) {
                $texts = $this->bracketed(new ShotInput($texts), $metered, $stops);
            }
            $reading = $this->finder->look(
                (new ShotInput($texts))->shot(
                    $scene,
                    $this->outfits($user, $scene),
                    DateTimeImmutable::createFromInterface($now),
                ),
            );
            $rows[] = [$texts, $reading, $now->clone()->addMilliseconds((int) round(1000 * ($wait + $later)))];
        }

        $frames = DB::transaction(
            fn (): Collection => collect($rows)->map(
                fn (array $row): RollFrame => RollFrame::query()->create([
                    'user_id' => $user->id,
                    'token' => Str::random(40),
                    'scene' => $scene->id,
                    'settings' => $row[0],
                    'state' => RollState::Developing,
                    'taken_at' => $row[2],
                    'result' => $this->result($row[1]),
                ]),
            ),
        );
        $frames->each(fn (RollFrame $frame) => $this->queue->develop($frame->id));

        return $frames;
    }

    /**
     * The shot that a frame on the roll is.
     *
     * @throws InvalidArgumentException
     */
    public function shot(RollFrame $frame): Shot
    {
        $scene = Scene::find($frame->scene);

        return (new ShotInput($frame->settings))->shot(
            $scene,
            $this->outfits($frame->user, $scene),
            DateTimeImmutable::createFromInterface($frame->taken_at),
        );
    }

    /** The person's own kit, or one that is lent where it has no lens for the scene. */
    public function outfits(User $user, Scene $scene): CameraSetups
    {
        $kit = KitInUse::of($user);
        $own = $kit === null ? null : new CameraSetups($kit);

        return $own === null || $own->lensesFor($scene) === [] ? CameraSetups::ofDemo() : $own;
    }

    /**
     * In manual the time moves, so that aperture and noise stay; otherwise compensation does.
     *
     * @return array<string, string>
     */
    private function bracketed(ShotInput $input, FinderReading $metered, float $stops): array
    {
        $texts = $input->texts;
        if ($input->isLeft('compensation')) {
            $texts['compensation'] = (string) ((float) $texts['compensation'] + $stops);
        } elseif ($input->isLeft('t')) {
            $texts['t'] = (string) ExposureTime::nearest($metered->settings()->time->exact * 2 ** $stops)->exact;
        } else {
            throw new InvalidArgumentException(
                'This mode chooses everything itself and does not bracket; nothing was taken.',
            );
        }

        return $texts;
    }

    /** @return array<string, float|string> */
    private function result(FinderReading $reading): array
    {
        $settings = $reading->settings();

        return [
            'n' => $settings->aperture->exact,
            't' => $settings->time->exact,
            'iso' => $settings->iso->exact,
            'ev100' => $reading->meteredEv100,
            'compensation' => $reading->request->set->compensation,
            'filter' => $reading->request->filterStops,
            'focus' => $reading->rendering->optics->focused,
            'focal' => $reading->rendering->optics->focalLength,
            'mode' => $reading->request->mode->value,
        ];
    }
}
