<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\User;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Lens;

/** Puts the body and the lens that a picture's record names into a person's kit. */
final class TakeOverRecord
{
    /** @return ?Lens the one that was taken over; null where the record tells too little */
    public static function into(User $user, CaptureRecord $record): ?Lens
    {
        $kit = RecordedKit::of($record);
        if ($kit === null) {
            return null;
        }
        $lenses = array_map(fn (Lens $lens): array => ['what' => 'lens', ...get_object_vars($lens)], $kit->lenses);
        $isNew = ! in_array($kit->body->name, array_column(OwnBodies::all($user->kit ?? []), 'name'), true);
        self::add($user, $isNew ? [self::body($kit->body), ...$lenses] : $lenses);

        return $kit->lenses[0];
    }

    /** @param  list<array<string, mixed>>  $things  as a table of a kit has them */
    public static function add(User $user, array $things): void
    {
        $kit = KitCsv::into($user->kit ?? ['supports' => ['hand']], $things);
        $user->update(['kit' => ['body' => ['name' => 'My body', 'format' => '36x24'], ...$kit]]);
    }

    /** @return array<string, mixed> what no record tells of a phone is as most phones are */
    private static function body(Body $body): array
    {
        return [
            'what' => 'body',
            ...$body->kind === BodyKind::Phone
                ? array_diff_key(StarterKit::Phone->data()['body'], ['pixels' => 0])
                : [],
            'name' => $body->name,
            'format' => $body->format->width.'x'.$body->format->height,
        ];
    }
}
