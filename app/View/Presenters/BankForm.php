<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;

/** A settings bank as the fields of its form have it. */
final readonly class BankForm
{
    public function __construct(private Bank $bank)
    {
    }

    public function value(string $field): string|float|null
    {
        $bank = $this->bank;

        return match ($field) {
            'name' => $bank->name,
            'slot' => $bank->body->slot,
            'dial' => $bank->body->dial,
            'profile' => $bank->body->profile,
            'buttons' => $bank->body->buttons,
            'season' => $bank->body->season,
            'fNumberTo' => self::plain($bank->range->aperture()),
            'exposureTimeTo' => self::plain($bank->range->time()),
            'isoTo' => self::plain($bank->range->isoValue()),
            'fNumber' => self::plain($bank->aperture()),
            'exposureTime' => self::plain($bank->time()),
            'iso' => self::plain($bank->isoValue()),
            'slowest' => $bank->exposure->slowest === null
                ? ''
                : self::plain(ExposureTime::of($bank->exposure->slowest)),
            'compensation' => $bank->exposure->compensation ?: '',
            'whiteBalance' => $bank->handling->whiteBalance,
            default => null,
        };
    }

    public function stabiliser(): string
    {
        return match ($this->bank->handling->stabiliser) {
            null => '',
            true => 'on',
            false => 'off',
        };
    }

    /** The number alone: the label says what it is. */
    private static function plain(Aperture|ExposureTime|Iso|null $value): string
    {
        return str_replace([' s', 'ƒ/', 'ISO '], '', (string) $value);
    }
}
