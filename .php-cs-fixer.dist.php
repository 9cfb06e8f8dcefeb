<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'concat_space' => ['spacing' => 'none'],
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'left'],
        'phpdoc_summary' => false,
        'native_function_invocation' => false,
        'native_constant_invocation' => false,
        'php_unit_method_casing' => ['case' => 'snake_case'],
        'single_line_throw' => false,
        'yoda_style' => false,
        'increment_style' => false,
        'empty_loop_body' => false,
        'blank_line_between_import_groups' => false,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
    ])
    ->setCacheFile(__DIR__.'/.data/php-cs-fixer.cache')
    ->setFinder(PhpCsFixer\Finder::create()->in(__DIR__)->exclude(['vendor', 'core/vendor', 'node_modules', 'storage', 'bootstrap/cache', '.data', '.tools', 'public']));
