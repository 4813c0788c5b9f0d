<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\FaultyFields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Bank\BankFormat;
use TruePupil\Core\Bank\BankKind;
use TruePupil\Core\Bank\FocusArea;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;

/** A settings bank as its form has it. */
final class BankRequest extends FormRequest
{
    /** Fields in which something can stand that cannot be read. */
    private const READ = [
        'fNumber',
        'fNumberTo',
        'exposureTime',
        'exposureTimeTo',
        'iso',
        'isoTo',
        'slowest',
        'compensation',
        'mode',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'slot' => ['nullable', 'string', 'max:20'],
            'kind' => ['required', Rule::enum(BankKind::class)],
            'mode' => ['required', Rule::enum(ExposureMode::class)],
            'fNumber' => ['nullable', 'string', 'max:10'],
            'exposureTime' => ['nullable', 'string', 'max:12'],
            'iso' => ['nullable', 'string', 'max:12'],
            'slowest' => ['nullable', 'string', 'max:12'],
            'fNumberTo' => ['nullable', 'string', 'max:10'],
            'exposureTimeTo' => ['nullable', 'string', 'max:12'],
            'isoTo' => ['nullable', 'string', 'max:12'],
            'dial' => ['nullable', 'string', 'max:12'],
            'profile' => ['nullable', 'string', 'max:60'],
            'buttons' => ['nullable', 'string', 'max:300'],
            'season' => ['nullable', 'string', 'max:40'],
            'area' => ['nullable', Rule::enum(FocusArea::class)],
            'compensation' => ['nullable', 'string', 'max:8'],
            'focus' => ['required', Rule::enum(FocusMode::class)],
            'drive' => ['required', Rule::in(array_keys(BankFormat::DRIVES))],
            'metering' => ['required', Rule::enum(MeteringPattern::class)],
            'whiteBalance' => ['nullable', 'string', 'max:30'],
            'detection' => ['nullable', Rule::in(array_keys(BankFormat::DETECTION))],
            'stabiliser' => ['nullable', 'in:on,off'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (FaultyFields::of($this, self::READ, self::read(...)) as $field => $problem) {
                $validator->errors()->add($field, $problem);
            }
        });
    }

    /**
     * @return array<string, mixed> as a bank is stored
     *
     * @throws InvalidArgumentException naming what cannot be read
     */
    public function bank(): array
    {
        $time = fn (string $key): ?float => $this->text($key) === ''
            ? null
            : ExposureTime::parse($this->text($key))->nominal();

        return array_filter(
            [
                'name' => $this->text('name'),
                'slot' => $this->text('slot'),
                'dial' => $this->text('dial'),
                'profile' => $this->text('profile'),
                'buttons' => $this->text('buttons'),
                'season' => $this->text('season'),
                'area' => $this->text('area'),
                'fNumberTo' => $this->number('fNumberTo', '~^[fƒ]\s*/?\s*~iu'),
                'exposureTimeTo' => $time('exposureTimeTo'),
                'isoTo' => $this->number('isoTo', '/^iso\s*/i'),
                'kind' => $this->text('kind'),
                'mode' => $this->text('mode'),
                'fNumber' => $this->number('fNumber', '~^[fƒ]\s*/?\s*~iu'),
                'exposureTime' => $time('exposureTime'),
                'iso' => preg_match('/^auto/i', $this->text('iso')) === 1 ? null : $this->number('iso', '/^iso\s*/i'),
                'slowest' => $time('slowest'),
                'compensation' => $this->number('compensation', '/\s*stops?$/i') ?? 0.0,
                'focus' => $this->text('focus'),
                'drive' => $this->text('drive'),
                'metering' => $this->text('metering'),
                'whiteBalance' => $this->text('whiteBalance') ?: 'automatic',
                'detection' => $this->text('detection') ?: null,
                'stabiliser' => match ($this->text('stabiliser')) {
                    'on' => true,
                    'off' => false,
                    default => null,
                },
                'silent' => $this->boolean('silent'),
                'flash' => $this->boolean('flash'),
                'isNight' => $this->boolean('isNight'),
            ],
            fn (mixed $value): bool => $value !== null && $value !== '',
        );
    }

    /** @throws InvalidArgumentException naming what is wrong */
    private static function read(self $request): void
    {
        BankFormat::read(Fields::of($request->bank()));
    }

    private function text(string $key): string
    {
        return trim((string) $this->input($key));
    }

    private function number(string $key, string $prefix): ?float
    {
        $text = str_replace([',', '−'], ['.', '-'], preg_replace($prefix, '', $this->text($key)) ?? '');
        if ($text === '') {
            return null;
        }

        return is_numeric($text)
            ? (float) $text
            : throw new InvalidArgumentException(sprintf('"%s" is no number.', $this->text($key)));
    }
}
