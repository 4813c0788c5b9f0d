<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Field\KeepFieldNotes;
use App\Models\FieldNotebook;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\JsonResponse;

/** Notes as a device sends them, in the order in which they were written. */
final class FieldNotesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'notes' => ['present', 'array', 'max:500'],
            'notes.*' => ['array:id,entry,field,value,at'],
            'notes.*.id' => ['required', 'string', 'max:36'],
            'notes.*.entry' => ['required', 'string', 'max:12'],
            'notes.*.field' => ['required', 'string', 'max:12'],
            'notes.*.value' => ['present', 'nullable', 'string', 'max:500'],
            'notes.*.at' => ['required', 'integer', 'min:0'],
        ];
    }

    /** What was taken, and what now stands: another device may have said more. */
    public function keptIn(FieldNotebook $notebook): JsonResponse
    {
        $told = KeepFieldNotes::handle($notebook, array_map(fn (array $note): array => [
            'id' => (string) $note['id'],
            'entry' => (string) $note['entry'],
            'field' => (string) $note['field'],
            'value' => (string) $note['value'],
            'at' => (int) $note['at'],
        ], array_values((array) $this->validated('notes'))));

        return response()->json([...$told, 'values' => (object) $notebook->notebook()->values()]);
    }
}
