<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Attempt;
use App\Models\Role;
use App\Models\SetBrief;
use App\Notices\BriefCorrected;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;

/** Replaces the text of a set brief for whoever has not begun it; attempts that were begun keep the text of before. */
final class CorrectBrief
{
    /**
     * @param  array<mixed>  $data  as a brief file has it, of the same brief and a later revision
     * @return bool false where that revision, or a later one, is set already
     */
    public function handle(SetBrief $setBrief, array $data): bool
    {
        return DB::transaction(function () use ($setBrief, $data): bool {
            $setBrief = SetBrief::query()->lockForUpdate()->findOrFail($setBrief->id);
            $latest = (int) SetBrief::query()
                ->where('course_id', $setBrief->course_id)
                ->where('brief_id', $setBrief->brief_id)
                ->max('revision');
            $revision = (int) ($data['revision'] ?? 1);
            if ($revision <= $latest) {
                return false;
            }
            Attempt::query()
                ->where('set_brief_id', $setBrief->id)
                ->whereNull('brief')
                ->update(['brief' => json_encode($setBrief->brief), 'brief_revision' => $setBrief->revision]);
            $data = $setBrief->course->setting($data);
            $setBrief->update(['brief' => $data, 'revision' => $revision, 'corrected_at' => now()]);
            if (! $setBrief->is_hidden && $setBrief->dates()->isOpened()) {
                Notification::send($setBrief->course->people(Role::Student)->get(), new BriefCorrected($setBrief));
            }

            return true;
        });
    }
}
