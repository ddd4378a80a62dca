<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Dinghy</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @foreach ($stoodOn as $file)
        <link rel="modulepreload" href="/build/{{ $file }}">
    @endforeach
    @vite($scripts)
</head>
<body>
    <div id="app"></div>
    <noscript>Dinghy draws its pages with JavaScript. Switch it on for this address.</noscript>
</body>
</html>
