<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Note;
use App\Models\NoteKind;
use App\Models\User;
use App\Wording\CheckNumber;
use Illuminate\Support\Collection;
use Ramsey\Uuid\Uuid;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Critique\AskedFor;
use TruePupil\Core\Critique\CheckTopic;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Severity;

/**
 * One remark for several frames of a brief: a note on each, or the wording of what was found there. Each goes out with
 * its own return. The same batch says it once, however often it is sent.
 */
final readonly class SayToSeveral
{
    public function __construct(
        private WriteNote $write,
        private DeleteNote $delete,
        private DecideFinding $decide,
        private Critic $critic,
    ) {
    }

    /**
     * @param  Collection<int, Frame>  $frames
     * @param  ?NoteKind  $kind  null: in place of what was found about the check, and a note where nothing was
     * @param  ?Check  $check  what it is about; places in the remark are filled with what it came to
     * @param  string  $batch  a UUID that the form has
     */
    public function handle(
        Collection $frames,
        User $author,
        string $remark,
        ?NoteKind $kind,
        ?Check $check,
        string $batch,
    ): SaidToSeveral {
        $notes = $findings = $tooLate = [];
        $replaces = $kind === null && $check !== null;
        foreach ($frames as $frame) {
            $body = OwnNumbers::fill($remark, self::number($frame, $check)) ?? $remark;
            $finding = $replaces ? $this->about($frame, $check) : null;
            try {
                if ($finding !== null) {
                    $findings += $this->reword($finding, $author, $body);
                } else {
                    $notes[] = $this->note($frame, $author, $body, $kind ?? NoteKind::Try, $check, $batch)->id;
                }
            } catch (CritiquePublished) {
                $tooLate[$frame->attempt_id] = $frame->attempt->user->name;
            }
        }

        return new SaidToSeveral($notes, $findings, array_values($tooLate));
    }

    /**
     * One wording for findings of several frames.
     *
     * @param  Collection<int, FrameFinding>  $findings
     */
    public function rewordAll(Collection $findings, User $author, string $wording): SaidToSeveral
    {
        $before = $tooLate = [];
        foreach ($findings as $finding) {
            try {
                $before += $this->reword($finding, $author, $wording);
            } catch (CritiquePublished) {
                $tooLate[] = $finding->frame->attempt->user->name;
            }
        }

        return new SaidToSeveral([], $before, array_values(array_unique($tooLate)));
    }

    /** Takes it back, as far as nothing of it has gone out. */
    public function undo(SaidToSeveral $said, User $author): void
    {
        $notes = Note::query()->whereIn('id', $said->notes)->where('author_id', $author->id)->with('frame')->get();
        foreach ($notes as $note) {
            self::unlessPublished(fn () => $this->delete->handle($note));
        }
        $findings = FrameFinding::query()->whereIn('id', array_keys($said->findings))->with('frame')->get();
        foreach ($findings as $finding) {
            $before = $said->findings[$finding->id];
            self::unlessPublished(fn () => $this->decide->handle(
                $finding,
                $author,
                Decision::from($before['decision']),
                $before['wording'],
            ));
        }
    }

    public static function number(Frame $frame, ?Check $check): ?CheckNumber
    {
        if ($check === null) {
            return null;
        }
        $stored = array_column($frame->checks ?? [], null, 'id')[$check->id] ?? null;

        return $stored === null ? null : CheckNumber::of($stored, $check->comparison);
    }

    /**
     * @return array<int, array{decision: string, wording: ?string}> as it was before, by number
     *
     * @throws CritiquePublished
     */
    private function reword(FrameFinding $finding, User $author, string $wording): array
    {
        $before = ['decision' => $finding->decision->value, 'wording' => $finding->wording];
        $this->decide->handle($finding, $author, Decision::Reworded, $wording);

        return [$finding->id => $before];
    }

    /** What was found about a check: where a rule speaks of it, that; otherwise the check's own finding. */
    private function about(Frame $frame, Check $check): ?FrameFinding
    {
        $rules = [
            AskedFor::PREFIX.$check->id,
            ...AskedFor::rules([$check->measure->id], $this->critic->rules),
        ];
        $order = array_flip($rules);

        return $frame->findings
            ->where('current', true)
            ->whereIn('rule_id', $rules)
            // What was dismissed, or is in other words already, stays as it was decided.
            ->whereIn('decision', [Decision::Open, Decision::Accepted])
            ->reject(fn (FrameFinding $finding): bool => $finding->severity() === Severity::Praise)
            ->sortBy(fn (FrameFinding $finding): int => $order[$finding->rule_id])
            ->first();
    }

    /** @param  callable(): void  $change */
    private static function unlessPublished(callable $change): void
    {
        try {
            $change();
        } catch (CritiquePublished) {
            // It has gone out, and stays.
        }
    }

    private function note(
        Frame $frame,
        User $author,
        string $body,
        NoteKind $kind,
        ?Check $check,
        string $batch,
    ): Note {
        $token = Uuid::uuid5($batch, (string) $frame->id)->toString();
        $this->write->handle($frame, $author, $token, [
            'kind' => $kind,
            'topic' => $check === null ? null : CheckTopic::of($check->measure->id),
            'body' => $body,
        ]);

        return Note::query()->where('token', $token)->firstOrFail();
    }
}
