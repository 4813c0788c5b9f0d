<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\LensLine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** A person's kit as the form has it, turned into the shape of a kit file. */
final class KitRequest extends FormRequest
{
    private const NUMBERS = [
        'pixels',
        'isoMin',
        'isoBase',
        'isoNativeMax',
        'isoMax',
        'stabiliserStops',
        'comfortableIso',
    ];

    private const TIMES = ['fastest', 'slowest', 'flashSync', 'silentFastest'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:80'],
            'format' => ['required', 'string', 'max:20'],
            ...array_fill_keys([...self::NUMBERS, ...self::TIMES], ['nullable', 'string', 'max:20']),
            'stepsPerStop' => ['required', 'in:2,3'],
            'lenses' => ['nullable', 'string', 'max:4000'],
            'supports' => ['sometimes', 'array'],
            'supports.*' => ['in:'.implode(',', array_column(Support::cases(), 'value'))],
            'filters' => ['nullable', 'string', 'max:100'],
            'guideNumber' => ['nullable', 'string', 'max:20'],
            'filmName' => ['nullable', 'string', 'max:80'],
            'filmSpeed' => ['nullable', 'string', 'max:20'],
            'filmYears' => ['nullable', 'string', 'max:10'],
            'filmKind' => ['nullable', Rule::enum(FilmKind::class)],
            'autoFloor' => ['nullable', 'string', 'max:20'],
            'autoCeiling' => ['nullable', 'string', 'max:20'],
            'autoSlowest' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                KitFormat::read(Fields::of($this->kit()));
            } catch (InvalidArgumentException $problem) {
                $validator->errors()->add('kit', $problem->getMessage());
            }
        });
    }

    /**
     * @return array<string, mixed> as a kit file has it
     *
     * @throws InvalidArgumentException naming what cannot be read
     */
    public function kit(): array
    {
        $body = [
            'name' => trim((string) $this->input('name')) ?: 'My body',
            'format' => (string) $this->input('format'),
            'stepsPerStop' => (int) $this->input('stepsPerStop'),
        ];
        foreach (self::NUMBERS as $key) {
            $number = $this->number($key);
            if ($number !== null) {
                $body[$key] = $key === 'pixels' ? [$number] : $number;
            }
        }
        foreach (self::TIMES as $key) {
            $text = trim((string) $this->input($key));
            if ($text !== '') {
                $body[$key] = ExposureTime::parse($text)->nominal();
            }
        }
        $guideNumber = $this->number('guideNumber');
        $filters = array_map(
            floatval(...),
            array_filter(
                preg_split('/[\s;]+/', str_replace(',', ' ', (string) $this->input('filters'))) ?: [],
                is_numeric(...),
            ),
        );

        return [
            'body' => $body,
            'lenses' => array_map(get_object_vars(...), LensLine::all((string) $this->input('lenses'))),
            'supports' => array_values(array_unique(['hand', ...(array) $this->input('supports', [])])),
            'filters' => array_values(array_filter($filters, fn (float $stops): bool => $stops > 0)),
            ...$guideNumber === null ? [] : ['flash' => ['guideNumber' => $guideNumber]],
            ...$this->boolean('polariser') ? ['polariser' => true] : [],
            ...$this->film(),
            ...$this->automaticIso(),
        ];
    }

    /** @return array<string, mixed> */
    private function film(): array
    {
        $speed = $this->number('filmSpeed');

        return $speed === null
            ? []
            : [
                'film' => array_filter(
                    [
                        'name' => trim((string) $this->input('filmName')) ?: null,
                        'boxSpeed' => $speed,
                        'kind' => $this->input('filmKind') ?: null,
                        'yearsExpired' => $this->number('filmYears'),
                    ],
                    fn (mixed $value): bool => $value !== null,
                ),
            ];
    }

    /** @return array<string, mixed> */
    private function automaticIso(): array
    {
        $slowest = trim((string) $this->input('autoSlowest'));
        $automatic = array_filter(
            [
                'floor' => $this->number('autoFloor'),
                'ceiling' => $this->number('autoCeiling'),
                'slowest' => $slowest === '' ? null : ExposureTime::parse($slowest)->nominal(),
            ],
            fn (?float $value): bool => $value !== null,
        );

        return $automatic === [] ? [] : ['autoIso' => $automatic];
    }

    private function number(string $key): ?float
    {
        $text = str_replace(
            ',',
            '.',
            trim(preg_replace('/^iso\s*|\s*(m|stops?)$/i', '', (string) $this->input($key)) ?? ''),
        );
        if ($text === '') {
            return null;
        }

        return is_numeric($text)
            ? (float) $text
            : throw new InvalidArgumentException(sprintf('"%s" is no number.', $this->input($key)));
    }
}
