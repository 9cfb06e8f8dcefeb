<!DOCTYPE html>
<html lang="en" data-theme="{{ in_array(request()->cookie('theme'), ['dark', 'sunlight'], true) ? request()->cookie('theme') : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title inertia>Garnetine</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite(['resources/js/app.tsx'])
    @inertiaHead
</head>
<body>
    @inertia
</body>
</html>
