<?php

declare(strict_types=1);

namespace App\Demo;

use App\HandIn\AddPicture;
use App\HandIn\PreparedFrame;
use App\HandIn\PrepareFrame;
use App\HandIn\SubmitAttempt;
use App\Input\IntentInput;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\SetBrief;
use App\Models\User;
use App\Notices\Returned as ReturnedNotice;
use App\Practice\ShotNote;
use App\Practice\Shutter;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use LogicException;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Kit\Support;

/** Makes one attempt of the demo the way people would: photographed, handed in, marked, judged, critiqued. */
final readonly class AttemptMaker
{
    public function __construct(
        private DemoShots $shots,
        private Shutter $shutter,
        private AddPicture $addPicture,
        private PrepareFrame $prepare,
        private SubmitAttempt $submit,
    ) {
    }

    /** @param  array<string, mixed>  $facts */
    public function make(SetBrief $setBrief, User $student, User $instructor, array $facts, int $index): void
    {
        $handedIn = Carbon::now()->subMinutes((int) ($facts['days'] * 1440));
        $connection = config('queue.default');
        // The demo is judged while it loads: nobody has to wait for a worker.
        config(['queue.default' => 'sync']);
        try {
            $frame = null;
            // Frames of a row differ from one another in a value or two and follow each other in seconds.
            foreach ($facts['frames'] ?? [[]] as $at => $own) {
                $frame = $this->photograph(
                    $setBrief,
                    $student,
                    [...$facts, ...$own],
                    $handedIn
                        ->clone()
                        ->subHours(20)
                        ->addSeconds(2 * $at),
                    $index,
                    $at,
                );
            }
            if ($frame !== null && $facts['state'] !== 'draft') {
                $this->prepare($frame, $facts, $handedIn, $index);
                $this->submit->handle($frame->attempt);
            }
            $attempt = $frame?->attempt->refresh() ?? throw new LogicException('An attempt of the demo has no frame.');
        } finally {
            config(['queue.default' => $connection]);
        }
        $this->bringTo(AttemptState::from($facts['state']), $attempt, $instructor, $facts, $handedIn);
    }

    /** @param  array<string, mixed>  $facts */
    private function photograph(
        SetBrief $setBrief,
        User $student,
        array $facts,
        Carbon $takenAt,
        int $index,
        int $at,
    ): Frame {
        $file = storage_path(
            'scratch/'.Str::ucfirst($facts['scene']).sprintf('_%04d.jpg', 112 + 17 * $index + $at),
        );
        File::ensureDirectoryExists(dirname($file));
        try {
            $shot = $this->shots->shot($facts, $takenAt, $index);
            $this->shutter->press($shot, $file);
            ShotNote::remember($file, $shot);

            return $this->addPicture
                ->handle($setBrief, $student, $file, basename($file), $facts['row'] ?? null)
                ->frame->refresh();
        } finally {
            File::delete($file);
        }
    }

    /** @param  array<string, mixed>  $facts */
    private function prepare(Frame $frame, array $facts, Carbon $handedIn, int $index): void
    {
        $prepared = new PreparedFrame(
            subject: Region::of(...$this->shots->subject($facts, $this->shots->shot($facts, $handedIn, $index))),
            marks: Marks::read(null, $facts['marks'] ?? [])->list,
            stated: new StatedFields(support: Support::from($facts['support'])),
            intent: IntentInput::read($facts['intent'] ?? []),
            placementId: $facts['placement'] ?? null,
            about: $facts['about'] ?: null,
            reason: $facts['reason'] ?: null,
        );
        isset($facts['frames']) ? $this->prepare->ofRow($frame, $prepared) : $this->prepare->handle($frame, $prepared);
    }

    /** @param  array<string, mixed>  $facts */
    private function bringTo(
        AttemptState $state,
        Attempt $attempt,
        User $instructor,
        array $facts,
        Carbon $handedIn,
    ): void {
        $returned = $state === AttemptState::Returned;
        $attempt->update([
            'state' => $state,
            'handed_in_at' => $state === AttemptState::Draft ? null : $handedIn,
            'opened_at' => $returned || $state === AttemptState::AtDesk ? $handedIn->clone()->addHours(5) : null,
            'returned_at' => $returned ? $handedIn->clone()->addHours(6) : null,
            'summary' => $facts['summary'] ?? null,
            'may_show' => $facts['may_show'] ?? false,
        ]);
        foreach ($returned ? $attempt->frames : [] as $frame) {
            $this->critique($frame, $instructor, $facts['notes'] ?? []);
        }
        if ($returned) {
            $attempt->user->notify(new ReturnedNotice($attempt));
        }
    }

    /** @param  list<array{string, string, string}>  $notes  kind, when it is put right, words */
    private function critique(Frame $frame, User $instructor, array $notes): void
    {
        $frame->findings()->update(['decision' => Decision::Accepted, 'decided_by' => $instructor->id]);
        foreach ($notes as [$kind, $fixed, $body]) {
            $frame->notes()->create([
                'author_id' => $instructor->id,
                'kind' => $kind,
                'fixed' => $fixed ?: null,
                'body' => $body,
                'given_at' => now(),
                'token' => (string) Str::uuid(),
            ]);
        }
    }
}
