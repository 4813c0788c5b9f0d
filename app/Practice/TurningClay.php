<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\Streak;
use TruePupil\Core\PracticeCamera\Turning;

/** The texture of what turns on the wheel, laid over its plate. */
final readonly class TurningClay
{
    /** How many times narrower the texture is where it is streaked far. */
    private const NARROWER = 4;

    public function __construct(private Vips $vips, private PlateStore $plates)
    {
    }

    /** Turned as far as it is after an exposure, and streaked as far as it turns meanwhile. */
    public function exposed(
        Light $plate,
        Scene $scene,
        Turning $turning,
        float $moment,
        float $seconds,
        bool $isSmall,
    ): Light {
        $texture = $this->streaked($turning->turns($seconds));

        return $this->over(
            $plate,
            $texture->turned(-(int) round($turning->phase($moment + $seconds) * $texture->width)),
            $scene,
            $isSmall,
        );
    }

    /** As a meter sees it, which is slower than the wheel. */
    public function metered(Light $plate, Scene $scene): Light
    {
        return $this->over($plate, $this->streaked(1.0), $scene, true);
    }

    /** The texture, streaked by so many turns. A long streak leaves nothing that needs its full width. */
    private function streaked(float $turns): Light
    {
        $name = 'slip-'.PlateStore::version(__DIR__.'/SlipTexture.php', __FILE__);
        $texture = $this->plates->made(
            $name,
            fn (): Light => Light::fromFloats(
                $this->vips,
                SlipTexture::packed(),
                SlipTexture::WIDTH,
                SlipTexture::HEIGHT,
                3,
            ),
        );
        if ($turns * SlipTexture::WIDTH > 16 * self::NARROWER) {
            $texture = $this->plates->made($name.'-narrow', fn (): Light => $texture->shrunk(self::NARROWER, 1));
        }
        $shifts = Streak::shifts($turns * $texture->width, 0.0);

        // As long as the exposure time stays, so does the streak.
        return $shifts === []
            ? $texture
            : $this->plates->reading(sprintf('%s-%s', $name, round($turns, 6)), function () use (
                $texture,
                $shifts,
            ): Light {
                foreach ($shifts as [$right]) {
                    $texture = $texture->plus($texture->turned($right))->kept();
                }

                return $texture->linear(0.5 ** count($shifts));
            });
    }

    private function over(Light $plate, Light $texture, Scene $scene, bool $isSmall): Light
    {
        $box = $this->plates->turningBox($scene, $isSmall);
        if ($box === null) {
            return $plate;
        }
        [$where, $part] = [$this->plates->turning($scene, $isSmall)->cut(...$box), $plate->cut(...$box)];
        $picked = $texture->picked($where->linear([$texture->width - 1.0, $texture->height - 1.0]));

        return $plate->with(
            $where->band(1)->isMoreThan(PlateStore::TURNS)->choose($part->times($picked), $part)->kept(),
            $box[0],
            $box[1],
        );
    }
}
