<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Critique\OwnNumbers;
use App\Critique\SayToSeveral;
use App\Models\Attempt;
use App\Models\Frame;
use App\Models\NoteKind;
use App\Models\SetBrief;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use TruePupil\Core\Brief\Check;

/** One remark for several frames of a brief. */
final class SayToSeveralRequest extends FormRequest
{
    /** In place of what was found about the check. */
    public const AS_FINDING = 'finding';

    /** @var ?Collection<int, Frame> */
    private ?Collection $frames = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'frames' => ['required', 'array', 'max:500'],
            'frames.*' => ['integer'],
            'remark' => ['required', 'string', 'max:2000'],
            'kind' => ['required', Rule::in([
                ...array_column(NoteKind::cases(), 'value'),
                ...$this->mayDecide() ? [self::AS_FINDING] : [],
            ])],
            'check' => ['nullable', 'string'],
            'batch' => ['required', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['frames.required' => 'Tick the frames first.', 'remark.required' => 'Write what you want to say.'];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->ask($validator);
            }
        }];
    }

    /** @return Collection<int, Frame> those of this brief that are at the desk */
    public function frames(): Collection
    {
        return $this->frames ??= Frame::query()
            ->whereIn('id', array_map(intval(...), (array) $this->input('frames')))
            ->whereIn('attempt_id', Attempt::query()->where('set_brief_id', $this->brief()->id)->select('id'))
            ->with(['attempt.user', 'attempt.setBrief.course', 'findings'])
            ->get()
            ->filter(fn (Frame $frame): bool => (bool) $this->user()?->can('critique', $frame->attempt))
            ->values();
    }

    public function check(): ?Check
    {
        return array_column($this->brief()->content()->checks, null, 'id')[(string) $this->input('check')] ?? null;
    }

    /** null: in place of a finding */
    public function kind(): ?NoteKind
    {
        return NoteKind::tryFrom((string) $this->input('kind'));
    }

    private function ask(Validator $validator): void
    {
        if ($this->frames()->isEmpty()) {
            $validator->errors()->add('frames', 'None of these frames is at the desk any more.');
        }
        $without = $this->frames()
            ->filter(fn (Frame $frame): bool => OwnNumbers::fill(
                (string) $this->input('remark'),
                SayToSeveral::number($frame, $this->check()),
            ) === null)
            ->map(fn (Frame $frame): string => $frame->attempt->user->name)
            ->unique();
        if ($without->isNotEmpty()) {
            $validator->errors()->add('remark', sprintf(
                'There is no such number for %s. Untick %s, or take the number out of the sentence.',
                $without->join(', ', ' and '),
                $without->count() === 1 ? 'that frame' : 'these frames',
            ));
        }
    }

    private function mayDecide(): bool
    {
        return (bool) $this->user()?->can('teach', $this->brief());
    }

    private function brief(): SetBrief
    {
        $brief = $this->route('setBrief');

        return $brief instanceof SetBrief ? $brief : abort(404);
    }
}
