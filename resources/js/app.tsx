import '../css/app.css';
import { createInertiaApp } from '@inertiajs/react';
import type { ComponentType } from 'react';
import { createRoot } from 'react-dom/client';

const pages = import.meta.glob<{ default: ComponentType }>('./pages/*.tsx');

createInertiaApp({
    title: (title) => (title === '' ? 'Garnetine' : `${title}, Garnetine`),
    resolve: async (name) => {
        const page = pages[`./pages/${name}.tsx`];
        if (page === undefined) {
            throw new Error(`There is no page ${name}.`);
        }
        return (await page()).default;
    },
    setup({ el, App, props }) {
        if (el !== null) {
            createRoot(el).render(<App {...props} />);
        }
    },
    // The bar would bring its style inline, which the content security policy refuses.
    progress: false,
});
