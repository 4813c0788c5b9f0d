@props(['setBrief', 'row' => null, 'many' => false, 'label' => 'Your picture'])
@php($id = 'picture' . ($row && $row !== \TruePupil\Core\Brief\Row::ONLY ? '-' . $row : ''))
<form method="post" action="{{ route('frames.store', $setBrief) }}" enctype="multipart/form-data" class="upload"
    id="send-{{ $id }}" hx-preserve data-upload="{{ route('uploads.store', $setBrief) }}">
    @csrf
    @if ($row)
        <input type="hidden" name="row" value="{{ $row }}">
    @endif
    <label for="{{ $id }}">{{ $label }} <span class="fine">JPEG, HEIC, TIFF, PNG, WebP or camera raw,
            up to {{ config('pupil.upload.megabytes') }} MB{{ $many ? ' each; several at once' : '' }}</span></label>
    <input id="{{ $id }}" type="file" name="pictures[]" accept="image/*,.heic,.heif,.tif,.tiff,.dng,.raw"
        @if ($many) multiple @endif required>
    <button class="primary">{{ $many ? 'Send them' : 'Send the picture' }}</button>
    <ul class="upload-list" aria-live="polite" data-list hidden></ul>
</form>
