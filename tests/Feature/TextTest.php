<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Wording\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TextTest extends TestCase
{
    #[DataProvider('quantities')]
    public function test_quantities_carry_their_unit(float|string|null $value, string $unit, string $shown): void
    {
        $this->assertSame($shown, str_replace("\u{a0}", ' ', Quantity::quantity($value, $unit)));
    }

    public static function quantities(): array
    {
        return [
            [-1.0, 'stops', '−1 stop'],
            [5 / 3, 'stops', '+1⅔ stops'],
            [0.0, 'stops', '0 stops'],
            [0.004, 's', '1/250 s'],
            [0.42, '%', '0.4 %'],
            [12.0, '%', '12 %'],
            [null, '%', 'not known'],
            ['manual', '', 'manual'],
        ];
    }

    #[DataProvider('margins')]
    public function test_margins_say_on_which_side_of_the_limit(?float $margin, string $unit, string $shown): void
    {
        $this->assertSame($shown, str_replace("\u{a0}", ' ', Quantity::margin($margin, $unit)));
    }

    public static function margins(): array
    {
        return [
            [1 / 3, 'stops', '⅓ stop inside the limit'],
            [-2.0, 'stops', '2 stops beyond the limit'],
            [-0.05, 'stops', 'just beyond the limit'],
            [0.6, '%', '0.6 % inside the limit'],
            [-11.0, '%', '11 % beyond the limit'],
            [null, 'stops', ''],
        ];
    }
}
