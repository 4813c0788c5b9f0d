@use(TruePupil\Core\Brief\Row)
@props(['setBrief', 'row' => null, 'many' => false, 'label' => 'Your picture'])
<form method="post" action="{{ route('frames.store', $setBrief) }}" enctype="multipart/form-data" class="upload"
    id="send-{{ $row && $row !== Row::ONLY ? 'picture-' . $row : 'picture' }}" hx-preserve
    data-upload="{{ route('uploads.store', $setBrief) }}">
    @csrf
    @if ($row)
        <input type="hidden" name="row" value="{{ $row }}">
    @endif
    <label for="{{ $row && $row !== Row::ONLY ? 'picture-' . $row : 'picture' }}">{{ $label }} <span class="fine">JPEG,
        HEIC, TIFF, PNG, WebP or camera raw,
            up to {{ config('pupil.upload.megabytes') }} MB{{ $many ? ' each; several at once' : '' }}</span></label>
    <input id="{{ $row && $row !== Row::ONLY ? 'picture-' . $row : 'picture' }}" type="file" name="pictures[]"
        accept="image/*,.heic,.heif,.tif,.tiff,.dng,.raw"
        @if ($many) multiple @endif required>
    <button class="primary">{{ $many ? 'Send them' : 'Send the picture' }}</button>
    <ul class="upload-list" aria-live="polite" data-list hidden></ul>
</form>
