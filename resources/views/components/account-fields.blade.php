{{-- For somebody new. --}}
<label for="name">Your name, as the course knows you</label>
<input id="name" name="name" value="{{ old('name') }}" autocomplete="name" required>
<label for="email">E-mail address</label>
<input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required>
<label for="password">Password <span class="fine">twelve characters or more</span></label>
<input id="password" name="password" type="password" autocomplete="new-password" minlength="12" required>
