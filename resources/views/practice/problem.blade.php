<p class="word word-problem">{{ $problem }} The finder still shows what you saw last.</p>
