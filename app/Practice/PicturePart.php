<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;

/** A piece of a picture and where it lies; all round it is nothing. */
final readonly class PicturePart
{
    public function __construct(public Light $light, public int $left, public int $top)
    {
    }

    /**
     * Both in one, worked out: where they meet as a rule says, elsewhere each as it is.
     *
     * @param  callable(Light, Light): Light  $meet  this one and the other
     */
    public function joined(self $other, callable $meet): self
    {
        [$left, $top] = [min($this->left, $other->left), min($this->top, $other->top)];
        $width = max($this->left + $this->light->width, $other->left + $other->light->width) - $left;
        $height = max($this->top + $this->light->height, $other->top + $other->light->height) - $top;
        [$mine, $theirs] = [[$this->left - $left, $this->top - $top], [$other->left - $left, $other->top - $top]];
        $ground = $this->light
            ->placed($mine[0], $mine[1], $width, $height, false)
            ->with($other->light, $theirs[0], $theirs[1]);
        $ground = $ground->with($this->light, $mine[0], $mine[1]);
        // Where they lie over each other.
        [$from, $above] = [max($mine[0], $theirs[0]), max($mine[1], $theirs[1])];
        $across = min($mine[0] + $this->light->width, $theirs[0] + $other->light->width) - $from;
        $down = min($mine[1] + $this->light->height, $theirs[1] + $other->light->height) - $above;
        if ($across > 0 && $down > 0) {
            $ground = $ground->with(
                $meet(
                    $this->light->cut($from - $mine[0], $above - $mine[1], $across, $down),
                    $other->light->cut($from - $theirs[0], $above - $theirs[1], $across, $down),
                ),
                $from,
                $above,
            );
        }

        return new self($ground->kept(), $left, $top);
    }

    /** On a black ground of a size, cut where it reaches beyond. */
    public function placed(int $width, int $height): Light
    {
        return $this->light->placed($this->left, $this->top, $width, $height, false);
    }
}
