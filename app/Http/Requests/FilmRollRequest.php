<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\FaultyFields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Roll\LabOrder;
use TruePupil\Core\Roll\Mishap;
use TruePupil\Core\Roll\RollFormat;
use TruePupil\Core\Roll\RollStage;

/** A roll of film as its form has it. */
final class FilmRollRequest extends FormRequest
{
    /** Numbers, by field, with what may be written before or behind them. */
    private const NUMBERS = [
        'boxSpeed' => '/^iso\s*/i',
        'index' => '/^(iso|ei)\s*/i',
        'frames' => '/$^/',
        'reciprocity' => '/$^/',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $short = ['nullable', 'string', 'max:20'];

        return [
            'name' => ['required', 'string', 'max:80'],
            'film' => ['nullable', 'string', 'max:80'],
            'boxSpeed' => ['required', 'string', 'max:20'],
            'kind' => ['required', Rule::enum(FilmKind::class)],
            'index' => $short,
            'frames' => $short,
            'reciprocity' => $short,
            'pushed' => ['nullable', 'integer', 'between:-3,3'],
            'camera' => ['nullable', 'string', 'max:80'],
            'loaded' => $short,
            'expires' => $short,
            'stage' => ['nullable', Rule::enum(RollStage::class)],
            'mishap' => ['nullable', Rule::enum(Mishap::class)],
            'labProcess' => ['nullable', Rule::in(array_keys(LabOrder::PROCESSES))],
            'labLongSide' => ['nullable', 'integer', 'between:500,20000'],
            'labLook' => ['nullable', Rule::in(array_keys(LabOrder::LOOKS))],
            'labFiles' => ['nullable', Rule::in(array_keys(LabOrder::FILES))],
            'labWord' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $problems = FaultyFields::of(
                $this,
                [...array_keys(self::NUMBERS), 'loaded', 'expires'],
                fn (self $request): mixed => RollFormat::read(Fields::of($request->content() + ['boxSpeed' => 100])),
            );
            foreach ($problems as $field => $problem) {
                $validator->errors()->add($field, $problem);
            }
        });
    }

    /**
     * @return array<string, mixed> as a roll is stored
     *
     * @throws InvalidArgumentException naming what is no number
     */
    public function content(): array
    {
        $texts = [];
        foreach (['name', 'film', 'kind', 'camera', 'loaded', 'expires', 'stage', 'mishap'] as $field) {
            $texts[$field] = trim((string) $this->input($field));
        }
        $lab = [
            'process' => (string) $this->input('labProcess'),
            'longSide' => $this->filled('labLongSide') ? (int) $this->input('labLongSide') : '',
            'look' => (string) $this->input('labLook'),
            'files' => (string) $this->input('labFiles'),
            'word' => trim((string) $this->input('labWord')),
        ];
        $said = fn (array $values): array => array_filter(
            $values,
            fn (mixed $value): bool => $value !== '' && $value !== null && $value !== [],
        );

        return $said([
            ...$texts,
            ...$this->numbers(),
            'pushed' => (int) $this->input('pushed') ?: null,
            'lab' => $said($lab),
        ]);
    }

    /** @return array<string, ?float> */
    private function numbers(): array
    {
        $numbers = [];
        foreach (self::NUMBERS as $field => $around) {
            $numbers[$field] = $this->number($field, $around);
        }

        return $numbers;
    }

    private function number(string $field, string $around): ?float
    {
        $text = str_replace(',', '.', preg_replace($around, '', trim((string) $this->input($field))) ?? '');

        return match (true) {
            $text === '' => null,
            is_numeric($text) => (float) $text,
            default => throw new InvalidArgumentException(
                sprintf('"%s" is no number.', (string) $this->input($field)),
            ),
        };
    }
}
