import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/boxes' },
    { path: '/boxes', name: 'boxes', component: () => import('./places/BoxesPlace.vue') },
    { path: '/new-box', name: 'new', component: () => import('./places/NewBoxPlace.vue') },
    { path: '/boxes/:id/saw', name: 'saw', component: () => import('./places/SawPlace.vue') },
    { path: '/boxes/:id/glue-up', name: 'gluing', component: () => import('./places/GluePlace.vue') },
    {
      path: '/boxes/:id/first-cut',
      name: 'first-cut',
      component: () => import('./places/FirstCutPlace.vue')
    },
    { path: '/boxes/:id/history', name: 'history', component: () => import('./places/HistoryPlace.vue') },
    { path: '/boxes/:id/what-if', name: 'what-if', component: () => import('./places/WhatIfPlace.vue') },
    { path: '/boxes/:id/papers', name: 'papers', component: () => import('./places/PapersPlace.vue') },
    { path: '/boxes/:id/:station?', name: 'bench', component: () => import('./places/BenchPlace.vue') },
    { path: '/about', name: 'about', component: () => import('./places/AboutPlace.vue') },
    { path: '/join', name: 'join', component: () => import('./places/JoinPlace.vue') },
    { path: '/rack/:shelf?', name: 'rack', component: () => import('./places/RackPlace.vue') },
    { path: '/practice', name: 'practice', component: () => import('./places/PracticePlace.vue') },
    { path: '/practice/drills', name: 'drills', component: () => import('./places/DrillsPlace.vue') },
    { path: '/practice/:id', name: 'round', component: () => import('./places/RoundPlace.vue') },
    { path: '/book', name: 'book', component: () => import('./places/BookPlace.vue') },
    { path: '/:rest(.*)', redirect: '/boxes' }
  ]
})
