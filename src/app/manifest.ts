import type { MetadataRoute } from 'next';

/** What a system needs to put the app on a home screen: its name, icons, what is reached with one press, and the files it opens. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Lomvik',
    short_name: 'Lomvik',
    description: 'Plan stock lists, bring fish home, and keep the record of every tank.',
    id: '/',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#f6f5f0',
    theme_color: '#f6f5f0',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'Watch', url: '/watch' },
      { name: 'Test the water', url: '/water' },
      { name: 'Count heads', url: '/departures?part=counts' },
    ],
    file_handlers: [
      { action: '/files', accept: { 'application/json': ['.json'], 'application/zip': ['.zip'] } },
    ],
    share_target: {
      action: '/share',
      method: 'POST',
      enctype: 'multipart/form-data',
      params: {
        title: 'title',
        text: 'text',
        url: 'url',
        files: [{ name: 'file', accept: ['application/json', 'application/zip', 'image/*'] }],
      },
    },
    launch_handler: { client_mode: 'navigate-existing' },
  };
}
