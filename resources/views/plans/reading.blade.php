<div class="number-row">
    <label>Aperture <input name="{{ $prefix }}N" value="{{ $sheet->input->text($prefix . 'N') }}" inputmode="decimal"
            placeholder="5.6" autocomplete="off"></label>
    <label>Time <input name="{{ $prefix }}T" value="{{ $sheet->input->text($prefix . 'T') }}" placeholder="1/60"
            autocomplete="off"></label>
    <label>ISO <input name="{{ $prefix }}Iso" value="{{ $sheet->input->text($prefix . 'Iso') }}" inputmode="decimal"
            placeholder="400" autocomplete="off"></label>
    <label>or EV <input name="{{ $prefix }}Ev" value="{{ $sheet->input->text($prefix . 'Ev') }}" inputmode="decimal"
            placeholder="{{ $ev }}" autocomplete="off"></label>
</div>
