<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\FocusMode;

/** What is left over on a camera after a bank was used, to be put back before the bag is closed. */
final class PackUp
{
    /**
     * @param  Iso  $base  the body's base ISO
     * @return list<string> in the order of the camera, from the dials to the bag
     */
    public static function after(Bank $bank, Iso $base): array
    {
        $list = [
            sprintf(
                'mode from %s back to the one that you use first',
                $bank->body->dial === '' ? $bank->exposure->mode->label() : $bank->body->dial,
            ),
        ];
        if ($bank->handling->focus === FocusMode::Manual) {
            $list[] = 'focus back to automatic';
        }
        if ($bank->handling->focus === FocusMode::Continuous) {
            $list[] = 'focus back to single';
        }
        $iso = $bank->isoValue();
        if ($iso === null) {
            $list[] = sprintf('ISO automatic, down to %s', $base);
        } elseif ($iso->exact !== $base->exact) {
            $list[] = sprintf('ISO from %s back to %s, or to automatic', $iso, $base);
        }
        $list[] =
            abs($bank->exposure->compensation) > 1e-6
                ? sprintf('compensation from %s back to 0', Stops::of($bank->exposure->compensation)->signed())
                : 'compensation at 0';
        if ($bank->handling->drive !== 'single') {
            $list[] = 'drive back to single';
        }
        if ($bank->handling->whiteBalance !== 'automatic') {
            $list[] = sprintf('white balance from %s back to automatic', $bank->handling->whiteBalance);
        }
        if ($bank->handling->area !== null && $bank->handling->area !== FocusArea::Point) {
            $list[] = 'focus area back to one point';
        }
        if ($bank->body->profile !== '') {
            $list[] = sprintf('picture profile from %s back to the usual one', $bank->body->profile);
        }
        if ($bank->body->buttons !== '') {
            $list[] = 'buttons back to what they do otherwise';
        }
        if ($bank->handling->silent) {
            $list[] = 'shutter back to mechanical';
        }
        if ($bank->exposure->flash) {
            $list[] = 'flash off and its batteries out for charging';
        }
        if ($bank->handling->stabiliser === false) {
            $list[] = 'stabiliser on again for the hand';
        }
        $list[] = 'lens cap, card, battery';
        $list[] = $bank->isNight
            ? 'a last look around with a torch: nothing left behind'
            : 'a last look around: nothing left behind';

        return $list;
    }
}
